import type { ImportResult, ImportUndone, StoredGrade } from '@hornblende/core/api';
import type { Grade } from '@hornblende/core/formats';
import { families, familyByKey, gradeFamily, type Family } from '@hornblende/core/materials';
import { defineStore } from 'pinia';
import { computed } from 'vue';
import { api } from '../api/client';
import { useGrades } from './grades';

/** The library: the shipped families, and the workshop's own grades on top of them. */
export const useLibrary = defineStore('library', () => {
  const stored = useGrades();
  const grades = computed(() => stored.byKey);
  const state = computed(() => stored.state);

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
  const everything = computed<Family[]>(() => [...families, ...active.value]);
  /** A family or a grade by its key. */
  function find(key: string): Family | undefined {
    const own = grades.value.get(key);
    return familyByKey(key) ?? (own ? familyOf(own.grade) : undefined);
  }
  /** What a family or a grade is called; its key where it is no longer there. */
  function nameOf(key: string): string {
    return find(key)?.name ?? key;
  }

  /** The key of the family that a family or grade belongs to; null where it is no longer there. */
  function familyKeyOf(key: string): string | null {
    const f = find(key);
    return f ? (f.grade?.family ?? f.key) : null;
  }

  /** Adds a grade, or saves it over the revision it was made from. @throws ApiError */
  async function save(grade: Grade, revision: number | null): Promise<StoredGrade> {
    return stored.keep(
      revision === null ? await api.addGrade(grade) : await api.saveGrade(grade.key, grade, revision),
    );
  }
  /** Removes a grade for good. @throws ApiError while it is in use */
  async function remove(key: string): Promise<void> {
    await api.removeGrade(key);
    stored.drop(key);
  }
  /** Writes a whole table of grades, or nothing of it. @throws ApiError */
  async function importAll(list: Grade[], signal: AbortSignal): Promise<ImportResult> {
    const items = list.map(grade => ({ grade, revision: grades.value.get(grade.key)?.revision ?? null }));
    const result = await api.importGrades(items, signal);
    await stored.load();
    return result;
  }
  /** Takes an import back. @throws ApiError */
  async function undoImport(id: string): Promise<ImportUndone> {
    const result = await api.undoImport(id);
    await stored.load();
    return result;
  }

  return {
    grades,
    state,
    active,
    everything,
    load: stored.load,
    find,
    nameOf,
    familyKeyOf,
    familyOf,
    save,
    remove,
    importAll,
    undoImport,
  };
});
