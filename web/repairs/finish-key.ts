import type { InjectionKey } from 'vue';
import type { FinishForm } from './finish-form';

/** The repair being finished, for the parts of its form. */
export const FINISH_FORM: InjectionKey<FinishForm> = Symbol('the repair being finished');
