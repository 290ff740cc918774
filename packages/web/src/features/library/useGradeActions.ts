import type { Grade } from '@hornblende/core/formats';
import { gradeKey, parseGrade } from '@hornblende/core/materials';
import { shallowRef, type ShallowRef } from 'vue';
import { useLibrary } from '../../stores/library';
import { useFeedback } from '../../ui/useFeedback';

/** A grade being edited: `revision` is null while it is new. */
export interface GradeEdit {
  grade: Grade;
  revision: number | null;
}

/** Adding, changing, duplicating and putting away grades. `editing` is what the editor shows. */
export function useGradeActions(): {
  editing: ShallowRef<GradeEdit | null>;
  add: (family: string) => void;
  edit: (key: string) => void;
  duplicate: (key: string) => void;
  archive: (key: string, archived: boolean) => Promise<void>;
} {
  const library = useLibrary();
  const { attempt, offerUndo } = useFeedback();
  const editing = shallowRef<GradeEdit | null>(null);
  return {
    editing,
    add: family => {
      editing.value = {
        grade: {
          format: 'hornblende-grade',
          version: 1,
          key: '',
          name: '',
          maker: '',
          family,
          note: '',
          archived: false,
          sheet: {},
          measured: {},
          soakedGcm3: null,
          facts: null,
          windows: {},
        },
        revision: null,
      };
    },
    edit: key => {
      const own = library.grades.get(key);
      if (own) editing.value = own;
    },
    duplicate: key => {
      const own = library.grades.get(key)?.grade;
      if (!own) return;
      const name = `${own.name}, copy`;
      let free = gradeKey(own.maker, name);
      for (let n = 2; library.grades.has(free); n++) free = gradeKey(own.maker, `${name} ${n}`);
      editing.value = {
        grade: parseGrade({
          ...(JSON.parse(JSON.stringify(own)) as object),
          key: free,
          name,
          archived: false,
        }),
        revision: null,
      };
    },
    archive: async (key, archived) => {
      const own = library.grades.get(key);
      if (!own) return;
      await attempt(async () => {
        const saved = await library.save({ ...own.grade, archived }, own.revision);
        offerUndo(
          archived
            ? `${own.grade.name} is put away: it takes part in no ranking. It can be brought back here.`
            : `${own.grade.name} is back.`,
          () => library.save({ ...saved.grade, archived: !archived }, saved.revision),
        );
      });
    },
  };
}
