import { pictured, type Question } from '@distaff/core/question';
import { ref, type Ref } from 'vue';
import type { StoredMedia } from '../../api/server.ts';
import { pictureFrom, soundFrom, videoFrom } from '../media/mediaFrom.ts';
import { useUpload } from '../media/useUpload.ts';

/**
 * Files that are dropped on the form of a question or pasted into it: on the line of an option
 * (`data-place` is its index) they become its picture, elsewhere that of the question.
 */
export function useMediaDrop(question: Ref<Question>) {
  const upload = useUpload();
  const over = ref(false);

  function put(target: Question, media: StoredMedia, place: number | null): void {
    if (media.kind === 'sound') target.sound = soundFrom(media);
    else if (media.kind === 'video') target.video = videoFrom(media);
    else {
      const line = place === null ? undefined : pictured(target.answer)[place];
      if (line) line.picture = pictureFrom(media);
      else target.picture = pictureFrom(media);
    }
  }
  async function take(file: File, at: EventTarget | null): Promise<void> {
    const line = at instanceof Element ? at.closest<HTMLElement>('[data-place]') : null;
    const place = line ? Number(line.dataset.place) : null;
    // Whoever goes on to another question meanwhile finds the picture where it was dropped.
    const target = question.value;
    const media = await upload.send(file);
    if (media) put(target, media, place);
  }

  function paste(event: ClipboardEvent): void {
    const file = event.clipboardData?.files[0];
    // A text beside the picture, as from a table, is what was meant.
    if (!file || event.clipboardData?.getData('text/plain')) return;
    event.preventDefault();
    void take(file, event.target);
  }
  const hasFile = (event: DragEvent) => event.dataTransfer?.types.includes('Files') ?? false;
  function dragOver(event: DragEvent): void {
    if (!hasFile(event)) return;
    event.preventDefault();
    over.value = true;
  }
  function dragLeave(): void {
    over.value = false;
  }
  function drop(event: DragEvent): void {
    over.value = false;
    const file = event.dataTransfer?.files[0];
    if (!file) return;
    event.preventDefault();
    void take(file, event.target);
  }
  return { upload, over, paste, dragOver, dragLeave, drop };
}
