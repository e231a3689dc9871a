import { inject, provideAppInitializer } from '@angular/core';
import { MatIconRegistry } from '@angular/material/icon';
import { DomSanitizer } from '@angular/platform-browser';
import {
  mdiAccountOutline,
  mdiArchiveOutline,
  mdiCheckCircleOutline,
  mdiHandBackRightOutline,
  mdiClose,
  mdiContentCopy,
  mdiCogOutline,
  mdiContentSaveOutline,
  mdiDeleteOutline,
  mdiEraser,
  mdiFolderOpenOutline,
  mdiHelpCircleOutline,
  mdiPause,
  mdiPencilOutline,
  mdiPlus,
  mdiPlay,
  mdiPrinterOutline,
  mdiTagOutline,
  mdiTableArrowUp,
  mdiTimerOutline,
  mdiTrayArrowUp,
  mdiMagnify,
  mdiShareVariantOutline,
  mdiRedo,
  mdiRotateOrbit,
  mdiSkipNext,
  mdiSkipPrevious,
  mdiStepBackward,
  mdiStepForward,
  mdiSwapVertical,
  mdiTableArrowDown,
  mdiTuneVariant,
  mdiUndo,
  mdiWeatherNight,
} from '@mdi/js';

const ICONS: Record<string, string> = {
  add: mdiPlus,
  close: mdiClose,
  copy: mdiContentCopy,
  good: mdiCheckCircleOutline,
  hand: mdiHandBackRightOutline,
  cubes: mdiArchiveOutline,
  edit: mdiPencilOutline,
  erase: mdiEraser,
  help: mdiHelpCircleOutline,
  mix: mdiTuneVariant,
  next: mdiStepForward,
  'next-step': mdiSkipNext,
  open: mdiFolderOpenOutline,
  orbit: mdiRotateOrbit,
  over: mdiSwapVertical,
  pause: mdiPause,
  play: mdiPlay,
  person: mdiAccountOutline,
  print: mdiPrinterOutline,
  previous: mdiStepBackward,
  'previous-step': mdiSkipPrevious,
  redo: mdiRedo,
  remove: mdiDeleteOutline,
  save: mdiContentSaveOutline,
  settings: mdiCogOutline,
  night: mdiWeatherNight,
  share: mdiShareVariantOutline,
  table: mdiTableArrowDown,
  tag: mdiTagOutline,
  'table-in': mdiTableArrowUp,
  review: mdiMagnify,
  timer: mdiTimerOutline,
  'hand-in': mdiTrayArrowUp,
  undo: mdiUndo,
};

/** The icons that ship with the application, by the names its templates use. */
export const provideIcons = () =>
  provideAppInitializer(() => {
    const registry = inject(MatIconRegistry);
    const sanitizer = inject(DomSanitizer);
    for (const [name, path] of Object.entries(ICONS)) {
      const svg = `<svg viewBox="0 0 24 24"><path d="${path}"/></svg>`;
      registry.addSvgIconLiteral(name, sanitizer.bypassSecurityTrustHtml(svg));
    }
  });
