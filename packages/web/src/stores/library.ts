import { families, familyByKey, gradeFamily, type Family, type Grade } from '@hornblende/core';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { api, type ImportResult, type StoredGrade } from '../api/client';

/** The library: the shipped families, and the workshop's own grades on top of them. */
export const useLibrary = defineStore('library', () => {
  /** By key; replaced as a whole, never changed in place. */
  const grades = shallowRef<ReadonlyMap<string, StoredGrade>>(new Map());
  const state = ref<'loading' | 'ready' | 'failed'>('loading');

  async function load(): Promise<void> {
    try {
      grades.value = new Map((await api.grades()).map(g => [g.grade.key, g]));
      state.value = 'ready';
    } catch (e) {
      state.value = 'failed';
      throw e;
    }
  }

  const made = new WeakMap<Grade, Family>();
  function familyOf(grade: Grade): Family {
    const known = made.get(grade) ?? gradeFamily(grade);
    made.set(grade, known);
    return known;
  }

  /** Grades in use, as families that ranking can judge. */
  const active = computed<Family[]>(() =>
    [...grades.value.values()].filter(g => !g.grade.archived).map(g => familyOf(g.grade)),
  );
  /** A family or a grade by its key. */
  function find(key: string): Family | undefined {
    const own = grades.value.get(key);
    return familyByKey(key) ?? (own ? familyOf(own.grade) : undefined);
  }
  function nameOf(key: string): string {
    return find(key)?.name ?? key;
  }
  const everything = computed<Family[]>(() => [...families, ...active.value]);

  function keep(saved: StoredGrade): StoredGrade {
    grades.value = new Map(grades.value).set(saved.grade.key, saved);
    return saved;
  }
  /** Adds a grade, or saves it over the revision it was made from. @throws ApiError */
  async function save(grade: Grade, revision: number | null): Promise<StoredGrade> {
    return keep(
      revision === null ? await api.addGrade(grade) : await api.saveGrade(grade.key, grade, revision),
    );
  }
  async function importAll(list: Grade[], signal: AbortSignal): Promise<ImportResult> {
    const result = await api.importGrades(
      list.map(grade => ({ grade, revision: grades.value.get(grade.key)?.revision ?? null })),
      signal,
    );
    await load();
    return result;
  }
  async function undoImport(id: string): Promise<{ restored: number; left: string[] }> {
    const result = await api.undoImport(id);
    await load();
    return result;
  }

  return { grades, state, active, everything, load, find, nameOf, familyOf, save, importAll, undoImport };
});
