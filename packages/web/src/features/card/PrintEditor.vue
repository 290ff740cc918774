<script setup lang="ts">
import type { StoredPrint } from '@hornblende/core/api';
import { Button } from '../../ui/kit';
import { usePrints } from '../../stores/prints';
import FormDialog from '../../ui/FormDialog.vue';
import { dayText } from '../../ui/day-text';
import { useFeedback } from '../../ui/useFeedback';
import { useKeptForm } from '../../ui/useKeptForm';
import PrintFields from './PrintFields.vue';
import { entryPart, toldOf } from './print-told';

/** A print of the log, changed or taken out; its spool and its printer's record follow. */
const props = defineProps<{ stored: StoredPrint }>();
const emit = defineEmits<{ close: [] }>();
const prints = usePrints();
const { attempt, offerUndo } = useFeedback();
const kept = useKeptForm(`print-${props.stored.id}-${props.stored.revision}`, toldOf(props.stored.print));
const { form } = kept;

async function save(): Promise<void> {
  await prints.change(props.stored, { ...props.stored.print, ...entryPart(form.value) });
}
async function takeOut(): Promise<void> {
  const gone = props.stored;
  await attempt(async () => {
    await prints.remove(gone);
    kept.discard();
    offerUndo('The print is taken out.', async () => void (await prints.add(gone.print)));
    emit('close');
  });
}
</script>

<template>
  <FormDialog
    :title="`The print of ${dayText(stored.print.at)}`"
    :kept="kept"
    :save="save"
    @close="emit('close')"
  >
    <div class="field-row"><PrintFields v-model="form" /></div>
    <p class="soft small">
      What it took off its spool, and this printer’s record, are worked out again.
      <Button type="link" danger size="small" @click="takeOut">Take this print out</Button>
    </p>
  </FormDialog>
</template>
