import { getContext, setContext } from 'svelte';
import type { ProjectState } from './project.svelte';

const KEY = Symbol('project');

/** Gives the project of this page to everything inside it. */
export const provideProject = (state: ProjectState): ProjectState => setContext(KEY, state);

/** The project of this page. */
export const useProject = (): ProjectState => getContext<ProjectState>(KEY);
