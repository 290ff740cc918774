import { storyHtml, storyMarkdown, storyOf, type Inspection, type ListedPlacement } from '@hornblende/core';
import { useLibrary } from '../../stores/library';
import { saveAs } from '../../ui/save-as';

/** The story of a part on paper and as text. */
export interface StorySheet {
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
export function useStory(): StorySheet {
  const library = useLibrary();
  return {
    async print(placed, looks) {
      const story = storyOf(placed, looks, library.nameOf);
      const pictures = new Map<string, string>();
      for (const sha of story.looks.flatMap(l => l.photos)) {
        const uri = await picture(sha);
        if (uri) pictures.set(sha, uri);
      }
      const url = URL.createObjectURL(new Blob([storyHtml(story, pictures)], { type: 'text/html' }));
      window.open(url, '_blank', 'noopener');
      setTimeout(() => URL.revokeObjectURL(url), 60_000);
    },
    markdown(placed, looks) {
      const story = storyOf(placed, looks, library.nameOf);
      const name = story.name.replace(/[^\p{L}\p{N}-]+/gu, '-').toLowerCase();
      saveAs(`${name}.md`, storyMarkdown(story), 'text/markdown');
    },
  };
}
