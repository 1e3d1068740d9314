import { afterKeeping } from './after-keeping';

it.each([
  ['nothing was typed meanwhile', '2h me taping', '2h me taping', ''],
  ['the next line was begun behind it', '2h me taping\n1h Ana', '2h me taping', '1h Ana'],
  ['something was typed in front of it', '$5 nails 2h me taping', '2h me taping', '$5 nails'],
  ['another line stands there instead', '1h Ana sanding', '2h me taping', '1h Ana sanding'],
  ['it was emptied by hand', '', '2h me taping', ''],
])('after keeping, %s', (_, now, kept, left) => {
  expect(afterKeeping(now, kept)).toBe(left);
});
