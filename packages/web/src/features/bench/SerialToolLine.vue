<script setup lang="ts">
import { readReading } from '@hornblende/core/trials';
import { Button } from '../../ui/kit';
import { useSerialTool } from './useSerialTool';

/** A caliper or another tool that sends its readings over a serial port: connected, it fills what is asked for. */
const emit = defineEmits<{ heard: [mm: number] }>();
const tool = useSerialTool(
  line => {
    const read = readReading(line, { id: '', unit: 'mm' });
    if ('value' in read) emit('heard', read.value);
  },
  () => null,
);
const { connected, problem } = tool;
</script>

<template>
  <p v-if="tool.canConnect" class="small soft" data-testid="serial-tool">
    <Button v-if="!connected" size="small" @click="tool.connect">Connect a tool</Button>
    <template v-else>
      The tool fills one empty field after the other.
      <Button size="small" @click="tool.disconnect">Let the tool go</Button>
    </template>
    <span v-if="problem" class="out" role="alert">{{ problem }}</span>
  </p>
</template>
