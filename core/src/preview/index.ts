/** What the surfaces would show of a show that is still being written. */
export {
  type PreviewStep,
  previewDesk,
  previewSeat,
  previewStage,
  previewSteps,
  showAround,
} from './preview.ts';
