import type { DOMWrapper, VueWrapper } from '@vue/test-utils';

/** The field a label of this text is for. `within` is where to look, as css. */
export function field(
  view: VueWrapper,
  label: string,
  within = '',
): Omit<DOMWrapper<HTMLInputElement>, 'exists'> {
  const found = view.findAll(`${within} label`.trim()).find((each) => each.text() === label);
  if (!found) throw new Error(`no label says “${label}”`);
  return view.get<HTMLInputElement>(`[id="${found.attributes('for') ?? ''}"]`);
}

/** Types into fields by what their labels say. */
export async function fill(
  view: VueWrapper,
  typed: Readonly<Record<string, string>>,
  within = '',
): Promise<void> {
  for (const [label, value] of Object.entries(typed)) await field(view, label, within).setValue(value);
}
