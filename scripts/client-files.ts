/**
 * What of the application comes to the browser in one file: what is mostly asked for together. Each file costs its own head,
 * and small ones pack badly; a file that holds too much is loaded for nothing. A module goes into the first file that names it,
 * what it needs goes with it.
 */

/** Paths in src/lib, or packages, as they begin. */
const FILES: Readonly<Record<string, { readonly lib: readonly string[]; readonly packages?: readonly string[] }>> = {
  // The layout of every page, and what it stands on.
  frame: {
    lib: [
      'ui/frame/keep-focus',
      'ui/frame/tell',
      'ui/frame/typing',
      'ui/frame/refusals',
      'ui/frame/keeping',
      'ui/state/opening',
      'ui/state/update',
      'ui/state/live',
      'ui/state/db',
      'ui/words/opened',
      'ui/paths'
    ],
    packages: [
      'svelte/',
      '@sveltejs/',
      'dexie/',
      'mode-watcher/',
      'tabbable/',
      '@lucide/svelte/dist/Icon',
      '@lucide/svelte/dist/utils',
      '@lucide/svelte/dist/context',
      '@lucide/svelte/dist/defaultAttributes',
      '@lucide/svelte/dist/icons/plus.',
      '@lucide/svelte/dist/icons/triangle-alert.'
    ]
  },
  // Yarns as they are shown in every list.
  dots: {
    lib: [
      'ui/yarn/YarnDot',
      'ui/picture/KnitPattern',
      'draw/texture',
      'core/kit/yarn-name',
      'core/quantity/mass',
      'store/order',
      'store/bench'
    ]
  },
  // What only a first visit needs.
  first: {
    lib: [
      'ui/bench/FirstRun',
      'demo/starter',
      'core/kit/weight-class',
      'core/kit/usual-pins',
      'store/seed',
      'store/add-kit',
      'store/examples',
      'store/own',
      'store/canonical'
    ]
  },
  // Yarns, machines and what was measured, and how anything is drawn: what all pages need but that of a first visit.
  kit: {
    lib: [
      'core/kit/',
      'core/quantity/',
      'store/kit',
      'store/revise',
      'ui/download',
      'ui/frame/in-view',
      'ui/frame/turn',
      'ui/picture/ScenePicture',
      'draw/paths',
      'draw/scene'
    ],
    packages: ['x', 'pencil', 'minus', 'info', 'chevrons-up-down', 'circle-alert', 'octagon-x'].map(
      (icon) => `@lucide/svelte/dist/icons/${icon}.`
    )
  },
  // A plan from its brief to its words.
  planned: { lib: ['core/kinds/', 'core/read/', 'core/knit/', 'core/plan/', 'core/body/', 'words/'] },
  // What is found in a plan, what hands do with it, and how the thing looks.
  judged: {
    lib: [
      'core/judge/',
      'core/hand/',
      'core/colour/',
      'core/tomble',
      'core/faults',
      'core/mending',
      'core/wishes',
      'core/remedy',
      'store/projects',
      'store/events',
      'store/records/',
      'draw/finished',
      'draw/hat',
      'draw/sketch',
      'draw/tube',
      'ui/picture/HangingTube',
      'ui/picture/WornView'
    ]
  },
  // Fields of forms, with the words that have an entry of their own.
  fields: {
    lib: [
      'words/glossary/',
      'ui/words/Worded',
      'ui/words/voice',
      ...[
        'FieldFrame',
        'NumberField',
        'ChoiceField',
        'CountField',
        'SwitchField',
        'LengthField',
        'SelectField',
        'YarnField',
        'MachineField'
      ].map((field) => `ui/options/${field}.`)
    ]
  },
  // Pictures of steps.
  steps: { lib: ['draw/acts/', 'draw/close-up/', 'ui/picture/StepPicture', 'ui/picture/MachineStepPicture'] },
  // What every page of a project has.
  project: {
    lib: [
      'ui/frame/StageBar',
      'ui/frame/Collided',
      'ui/frame/Departing',
      'ui/frame/Unkept',
      'ui/state/context',
      'ui/state/project',
      'ui/state/later',
      'ui/state/write-queue',
      'ui/picture/PieceTabs',
      'ui/finding/',
      'ui/plan/BusyNote'
    ]
  }
};

/** What few pages ask for stays by itself. */
const APART = [
  'core/kit/fibre',
  'core/body/age',
  'core/kinds/kind.',
  'core/read/cranked-pace',
  'core/read/learned-pace',
  'core/read/ready',
  'core/read/repeated',
  'core/colour/leftovers/',
  'core/colour/phase-line',
  'words/list',
  'words/glossary/',
  'words/choosing',
  'words/crank'
];

/** Where a module stands: below src/lib, or in a package. */
function placeOf(id: string): { lib: string; packaged: string } {
  const path = id.replaceAll('\\', '/');
  return { lib: path.split('/src/lib/')[1] ?? '', packaged: path.split('/node_modules/').at(-1) ?? '' };
}

/** The groups, for the builder. */
export const clientFiles = Object.entries(FILES).map(([name, { lib, packages = [] }]) => ({
  name,
  test: (id: string): boolean => {
    const at = placeOf(id);
    // The builder's own helper for parts that are loaded when they are wanted.
    if (name === 'frame' && id.includes('vite/preload-helper')) return true;
    if (at.lib === '') return id.includes('node_modules') && packages.some((begin) => at.packaged.startsWith(begin));
    const apart = APART.some((begin) => at.lib.startsWith(begin) && !lib.includes(begin));
    return !apart && lib.some((begin) => at.lib.startsWith(begin));
  }
}));
