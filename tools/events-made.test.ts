import { MADE, MADE_OTHERWISE } from '../e2e/events-made';
import { eventVersions } from '../src/core/journal';

it('every kind of event is made and taken back on a screen by one of the browser tests', () => {
  const made = [...Object.values(MADE).flat(), ...MADE_OTHERWISE];
  expect(made.toSorted()).toEqual(Object.keys(eventVersions()).toSorted());
});
