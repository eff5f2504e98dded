/** The fields that forms are made of: each shows what is wrong at its path and tells its form when it was left. */
export { provideForm, useField } from './form.ts';
export { default as AmountField } from './AmountField.vue';
export { default as ChoiceField } from './ChoiceField.vue';
export { default as LineField } from './LineField.vue';
export { default as NumberField } from './NumberField.vue';
export { default as PictureField } from './PictureField.vue';
export { default as RowsField } from './RowsField.vue';
export { default as SwitchField } from './SwitchField.vue';
export { default as TextField } from './TextField.vue';
export { default as TicksField } from './TicksField.vue';
export { default as WeekField } from './WeekField.vue';
export { default as WordsField } from './WordsField.vue';
