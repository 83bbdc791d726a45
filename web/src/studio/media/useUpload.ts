import { told, type Said } from '../../words/told.ts';
import { onBeforeUnmount, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import type { StoredMedia } from '../../api/server.ts';

/** What the server takes at most, so that nobody waits for a refusal (bytes). */
const LARGEST = 60 * 1024 * 1024;

/** Sends a file to the media library: how far it is, and a way to break it off. */
export function useUpload() {
  const { t } = useI18n();
  /** 0 … 1 while a file is on its way; 1 while the server works on it. */
  const progress = ref<number | null>(null);
  const name = ref('');
  const problem = ref('');
  let request: XMLHttpRequest | null = null;

  /** @returns the file as the library knows it; null where it was refused or broken off, with `problem` said. */
  function send(file: File): Promise<StoredMedia | null> {
    cancel();
    problem.value = '';
    name.value = file.name;
    if (file.size > LARGEST) {
      const of = Math.ceil(file.size / 1024 / 1024);
      problem.value = t('media.tooLarge', { of, most: LARGEST / 1024 / 1024 });
      return Promise.resolve(null);
    }
    progress.value = 0;
    const own = new XMLHttpRequest();
    request = own;
    return new Promise((resolve) => {
      const end = (media: StoredMedia | null, why = '') => {
        if (request === own) {
          request = null;
          progress.value = null;
          problem.value = why;
        }
        resolve(media);
      };
      own.upload.onprogress = ({ loaded, total }) => (progress.value = total ? loaded / total : 0);
      own.onload = () => {
        const answer = own.response as (StoredMedia & Partial<Said>) | null;
        if (own.status < 300 && answer) end(answer);
        else end(null, answer?.says ? told(answer as Said) : t('media.unreachable'));
      };
      own.onerror = () => end(null, t('media.unreachable'));
      own.onabort = () => end(null);
      own.open('POST', `/api/media?name=${encodeURIComponent(file.name.slice(0, 200))}`);
      own.responseType = 'json';
      own.setRequestHeader('content-type', 'application/octet-stream');
      own.send(file);
    });
  }
  function cancel(): void {
    request?.abort();
  }
  onBeforeUnmount(cancel);
  return { progress, name, problem, send, cancel };
}
