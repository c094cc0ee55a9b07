import type { InjectionKey } from 'vue';
import type { FinishForm } from './finish-form';
import * as t from './messages';

/** The repair being finished, for the parts of its form. */
export const FINISH_FORM: InjectionKey<FinishForm> = Symbol(t.finishedRepair);
