import type { ListedPlacement } from '@hornblende/core/api';
import type { Inspection } from '@hornblende/core/formats';
import { sheetHtml, sheetMarkdown } from '@hornblende/core/records';
import { storySheet } from '@hornblende/core/service';
import { useLibrary } from '../../stores/library';
import { fileName, openPage } from '../../ui/open-page';
import { saveAs } from '../../ui/save-as';

/** The story of a part on paper and as text. */
export interface StoryOut {
  /** Opens it as a page to print, with its photographs in it. */
  print: (placed: ListedPlacement, looks: readonly Inspection[]) => Promise<void>;
  markdown: (placed: ListedPlacement, looks: readonly Inspection[]) => void;
}

/** A photograph as a data URI; null where it cannot be fetched. */
async function picture(sha256: string): Promise<string | null> {
  const response = await fetch(`/api/photos/${sha256}`).catch(() => null);
  if (!response?.ok) return null;
  const blob = await response.blob();
  return new Promise(resolve => {
    const reader = new FileReader();
    reader.onload = () => resolve(reader.result as string);
    reader.onerror = () => resolve(null);
    reader.readAsDataURL(blob);
  });
}

/** @returns what writes stories down */
export function useStory(): StoryOut {
  const library = useLibrary();
  return {
    async print(placed, looks) {
      const sheet = storySheet(placed, looks, library.nameOf);
      const pictures = new Map<string, string>();
      for (const { key } of sheet.sections.flatMap(s => s.pictures ?? [])) {
        const uri = await picture(key);
        if (uri) pictures.set(key, uri);
      }
      openPage(sheetHtml(sheet, pictures));
    },
    markdown(placed, looks) {
      const sheet = storySheet(placed, looks, library.nameOf);
      saveAs(`${fileName(sheet.title)}.md`, sheetMarkdown(sheet), 'text/markdown');
    },
  };
}
