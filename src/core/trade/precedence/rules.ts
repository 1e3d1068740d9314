import type { PracticeAnswer, QuestionId } from '../practices';
import type { Tag } from '../steps';

/** A step by id, or a family of steps by `#tag`. */
export type Selector = string | `#${Tag}`;

/** Safety, inspection, cover-up and physics cannot be dropped; the rest are good practice. */
export type Strength = 'safety' | 'inspection' | 'cover-up' | 'physics' | 'practice';

/**
 * An order between named steps: a closer sentence than the table's, or a pair that touches no common assembly. Always
 * forwards in the keys of `OPERATIONS`, so that no choice of works can make a loop.
 */
export type Rule = {
  id: string;
  before: Selector;
  after: Selector;
  /** `place`: both in one place, a visit or a permit being in each place it is for. `house`: any place. */
  within: 'place' | 'house';
  /** One sentence; it is what lets an owner argue. */
  why: string;
  strength: Strength;
  /** Days something is made, or something is lived with, in between. */
  leadDays?: number;
  /** Holds only while the house answers this question so. */
  practice?: { question: QuestionId; answer: PracticeAnswer };
};

const here = (before: Selector, after: Selector, strength: Strength, why: string): Rule => ({
  id: `${before}>${after}`,
  before,
  after,
  within: 'place',
  why,
  strength,
});
const house = (before: Selector, after: Selector, strength: Strength, why: string): Rule => ({
  ...here(before, after, strength, why),
  within: 'house',
});

/** Made to measure in between, or waited for: not drying, so no damp stretches it. */
const after = (leadDays: number, rule: Rule): Rule => ({ ...rule, leadDays });

/** A rule of one practice among several. */
const forPractice = (question: QuestionId, answer: PracticeAnswer, rule: Rule): Rule => ({
  ...rule,
  practice: { question, answer },
});

/** One reason for several steps before, or after, one. */
const each = (ids: readonly string[], rule: (id: string) => Rule): Rule[] => ids.map(rule);

const DECIDE: readonly Rule[] = [
  here('survey.walk', 'survey.measure', 'practice', 'You measure what you have looked at.'),
  here('survey.walk', '#opens-up', 'practice', 'Know what stays before you take anything out.'),
  here('survey.walk', 'survey.test', 'practice', 'The walk finds what is worth testing.'),
  here('survey.measure', 'decide.finishes', 'practice', 'Finishes are chosen to a size.'),
  here('survey.measure', 'permit.plans', 'practice', 'Plans are drawn from sizes.'),
  here('survey.measure', '#shell', 'physics', 'It is made or cut to the measured size.'),
  here('survey.measure', '#trim', 'physics', 'Trim is ordered to measure.'),
  here('survey.measure', 'cabinets.shelves', 'physics', 'Shelves are built to measure.'),
  here('decide.finishes', 'paint.prime', 'practice', 'The colour decides the primer.'),
  here('decide.finishes', 'floor.carry', 'practice', 'The floor is ordered once it is chosen.'),
  here('decide.finishes', 'tile.backer', 'practice', 'The tile decides what goes under it.'),
  here('decide.finishes', 'cabinets.set', 'practice', 'Cabinets are ordered once they are chosen.'),
  here('permit.apply', '#structure', 'inspection', 'Work on structure needs its permit first.'),
  here('permit.apply', '#rough', 'inspection', 'Pipes and cable need their permit first.'),
  here('permit.apply', 'shell.porch', 'inspection', 'A new porch needs its permit first.'),
  here(
    'opening.check',
    'opening.frame',
    'safety',
    'No hole is cut before its unit is unpacked and measured.',
  ),
  here(
    'opening.check',
    'opening.set',
    'safety',
    'The unit was measured against the hole it goes in.',
  ),
  here('site.bin', 'demo.haul', 'practice', 'A bin that is full, or not there, stops demolition.'),
];

const OPEN_UP: readonly Rule[] = [
  here('survey.test', 'safe.abate', 'safety', 'What is removed depends on what was found.'),
  here('survey.test', 'paint.wash', 'safety', 'Old paint is tested before it is sanded.'),
  here('survey.test', 'floor.sand', 'safety', 'Old finish is tested before it is sanded.'),
  here('survey.test', 'outside.paint', 'safety', 'Old paint is tested before it is scraped.'),
  here('safe.abate', '#opens-up', 'safety', 'Licensed removal comes before anyone raises dust.'),
  here('safe.isolate', '#rough', 'safety', 'Pipes and cable are worked on dead.'),
  here('demo.ceiling', 'demo.walls', 'practice', 'Ceilings come down first, onto a clear floor.'),
  here('demo.walls', 'demo.floor', 'practice', 'The old floor catches what falls.'),
  here('demo.fixtures', 'demo.floor', 'physics', 'Fixtures stand on the floor you lift.'),
  here('demo.fixtures', 'demo.walls', 'physics', 'Fixtures hang on the walls you strip.'),
  here('#opens-up', 'demo.haul', 'physics', 'Debris goes out once it is down.'),
  here('demo.haul', 'slab.drains', 'practice', 'A cleared floor is needed to dig.'),
  here('demo.haul', 'floor.level', 'physics', 'The old floor must be gone before levelling.'),
  here(
    'demo.haul',
    'tile.backer',
    'physics',
    'The old floor must be gone before backer goes down.',
  ),
  here('demo.haul', 'shell.wrap', 'practice', 'A clear yard under the ladder.'),
  here('demo.haul', 'shell.porch', 'practice', 'A clear place for the new posts.'),
  here('demo.siding', 'shell.wrap', 'physics', 'The wrap goes on bare sheathing.'),
  here('demo.siding', 'frame.sheath', 'physics', 'Sheathing is nailed where the old skin is off.'),
  here('demo.porch', 'shell.porch', 'physics', 'The old porch makes room for the new.'),
  here('demo.part', 'mend.built-ins', 'physics', 'It comes out before it goes back.'),
];

const LOOK: readonly Rule[] = [
  here('#looks', '#opens-up', 'practice', 'What hides trouble is opened first.'),
  here('#looks', '#structure', 'practice', 'What carries is looked at before it is built on.'),
  here('#looks', '#rough', 'practice', 'Know what is behind before you run new lines.'),
  here('#looks', 'shell.roof', 'practice', 'Look under it before you cover it again.'),
  here('#looks', 'mend.walls', 'practice', 'Look behind it before you patch it.'),
  here('#looks', 'mend.ceiling', 'practice', 'Look behind it before you patch it.'),
  here('#looks', 'paint.wash', 'practice', 'Look behind it before you paint it.'),
  here('#looks', 'mend.boards', 'practice', 'Look under it before you mend it.'),
  here('#looks', 'floor.sand', 'practice', 'Look under it before you sand it.'),
];

const CARRY: readonly Rule[] = [
  here('base.layout', 'base.dig', 'physics', 'You dig where the strings are.'),
  here(
    'base.dig',
    'hold.footing',
    'inspection',
    'The inspector sees the trench and the steel open.',
  ),
  here(
    'hold.footing',
    'base.footing',
    'inspection',
    'No concrete before the footing visit passes.',
  ),
  here(
    'deck.dig',
    'hold.footing',
    'inspection',
    'The inspector sees the holes open, down to sound ground.',
  ),
  here(
    'hold.footing',
    'deck.footing',
    'inspection',
    'No concrete before the footing visit passes.',
  ),
  here('base.footing', 'base.wall', 'physics', 'A wall stands on a footing that has cured.'),
  here(
    'slab.drains',
    'hold.under-slab',
    'inspection',
    'The inspector comes when the pipes lie open.',
  ),
  here('slab.drains', 'slab.pour', 'physics', 'Pipes lie under the pour.'),
  here('hold.under-slab', 'slab.pour', 'inspection', 'No pour before under-slab passes.'),
  here('heat.slab', 'slab.pour', 'physics', 'Heat pipes are tested, then poured in.'),
  here('deck.footing', 'deck.posts', 'physics', 'Posts stand on footings that have cured.'),
  here('deck.posts', 'deck.frame', 'physics', 'Beams lie on posts that are braced.'),
  here('deck.ledger', 'deck.frame', 'physics', 'Joists hang in the ledger.'),
  here(
    'level.jack',
    'structure.joists',
    'practice',
    'Lift first: a joist is made good where it stays.',
  ),
  here('structure.joists', 'structure.subfloor', 'physics', 'The subfloor lies on the joists.'),
  here('structure.subfloor', 'structure.wall', 'physics', 'The wall stands on the subfloor.'),
  here('frame.joists', 'structure.subfloor', 'physics', 'The subfloor lies on the joists.'),
  here(
    'frame.joists',
    'base.backfill',
    'safety',
    'A foundation wall is propped by its floor before earth leans on it.',
  ),
  here(
    'structure.subfloor',
    'frame.walls',
    'physics',
    'Walls are framed on the deck of the floor.',
  ),
  here('slab.pour', 'frame.walls', 'physics', 'Walls stand on a slab that bears.'),
  here('slab.pour', 'structure.wall', 'physics', 'A new wall stands on a floor that bears.'),
  here('frame.walls', 'frame.roof', 'physics', 'Rafters land on walls that are plumb and braced.'),
  here('frame.roof', 'frame.deck-roof', 'physics', 'Roof sheathing is nailed to the rafters.'),
  here('frame.deck-roof', 'roof.dry-in', 'physics', 'Underlay goes on a sheathed roof.'),
  here('bearing.posts', 'bearing.beam-in', 'safety', 'What the beam will stand on is there first.'),
  here(
    'bearing.beam-in',
    'structure.shore',
    'physics',
    'A long beam comes in before props stand in its way.',
  ),
  here('structure.shore', 'demo.wall', 'safety', 'Shoring stands before a bearing wall goes.'),
  here('demo.wall', 'structure.beam', 'physics', 'The beam takes the place of the wall.'),
  here('structure.beam', 'bearing.joists', 'physics', 'Joists are hung on a beam that bears.'),
  here(
    'bearing.joists',
    'bearing.look',
    'inspection',
    'The inspector sees posts, beam and hangers bare.',
  ),
  here(
    'structure.beam',
    'structure.unshore',
    'safety',
    'Shoring leaves when the beam bears on both ends.',
  ),
  here(
    'bearing.joists',
    'structure.unshore',
    'safety',
    'Shoring leaves after the joists it helps.',
  ),
  here(
    'bearing.look',
    'structure.unshore',
    'safety',
    'Shoring leaves when the beam has been seen.',
  ),
  ...each(
    [
      'structure.joists',
      'structure.subfloor',
      'structure.wall',
      'structure.unshore',
      'frame.walls',
      'frame.infill',
    ],
    (id) => here(id, '#rough', 'physics', 'Pipes and cable follow the frame.'),
  ),
  here('structure.stair', 'trim.rail', 'physics', 'Rails stand on the new stair.'),
];

const DRY_IN: readonly Rule[] = [
  here('roof.dry-in', 'roof.cover', 'physics', 'Covering lies on the underlay.'),
  here('roof.section', 'roof.cover', 'physics', 'Covering lies on the underlay.'),
  here('roof.cover', 'roof.ridge', 'physics', 'The ridge closes over both slopes.'),
  here('roof.cover', 'shell.gutter', 'physics', 'Gutters hang from the finished eave.'),
  here('shell.roof', 'shell.gutter', 'physics', 'Gutters hang from the finished eave.'),
  here('shell.window', 'board.walls', 'physics', 'Board is cut to the window that is in.'),
  here('shell.door', 'board.walls', 'physics', 'Board is cut to the door that is in.'),
  here('shell.window', 'paint.prime', 'practice', 'A new window leaves patches to prime.'),
  here(
    'opening.shore',
    'opening.frame',
    'safety',
    'What the wall carries is propped before it is cut.',
  ),
  here(
    'opening.reroute',
    'opening.frame',
    'safety',
    'Cable and pipe are out of the way before the saw comes.',
  ),
  here(
    'opening.reroute',
    'hold.electric',
    'inspection',
    'Moved lines are seen before the wall closes.',
  ),
  here(
    'opening.reroute',
    'hold.plumbing',
    'inspection',
    'Moved pipes are tested before the wall closes.',
  ),
  here('opening.frame', 'opening.set', 'physics', 'The unit is set in the hole framed for it.'),
  here('opening.set', 'opening.unshore', 'safety', 'Props leave when the new header bears.'),
  here(
    'opening.set',
    'opening.patch',
    'physics',
    'The inside is made good round a unit that is set.',
  ),
  here('opening.set', 'opening.skin', 'physics', 'The skin laps to flashing that is on.'),
  here(
    'structure.opening',
    'hold.framing',
    'inspection',
    'The inspector sees the frame while it is bare.',
  ),
  here('opening.frame', 'hold.framing', 'inspection', 'The inspector sees header and studs bare.'),
  here('shell.wrap', 'outside.siding', 'cover-up', 'Wrap and flashing lie under the siding.'),
  here(
    'face.flash',
    'outside.siding',
    'cover-up',
    'What goes through the skin is flashed before the siding.',
  ),
  here(
    'shell.wrap',
    'shell.window',
    'practice',
    'The wrap goes on first, and the window is flashed to it.',
  ),
  here(
    'shell.wrap',
    'shell.door',
    'practice',
    'The wrap goes on first, and the door is flashed to it.',
  ),
  here('shell.drain', 'outside.grade', 'physics', 'Pipes lie under the graded ground.'),
  here(
    'shell.clear-drains',
    'outside.grade',
    'physics',
    'Pipes run free before ground covers them.',
  ),
];

const ROUGH: readonly Rule[] = [
  here('rough.drains', 'rough.ducts', 'practice', 'Drains need slope, so they choose first.'),
  here('rough.drains', 'rough.water', 'practice', 'Drains need slope, so they choose first.'),
  here('rough.ducts', 'rough.water', 'practice', 'Ducts are the bigger, they choose before water.'),
  here('rough.drains', 'rough.bath-in', 'physics', 'The bath is set on a drain that is there.'),
  here(
    'rough.bath-wall',
    'rough.bath-in',
    'cover-up',
    'Nobody reaches the outside wall behind a bath again.',
  ),
  here('rough.bath-in', 'rough.water', 'practice', 'Valves are set to the bath where it stands.'),
  here('rough.water', 'rough.gas', 'practice', 'Gas goes where water left room.'),
  here('rough.water', 'rough.cable', 'practice', 'Cable bends round everything else.'),
  here('rough.ducts', 'rough.cable', 'practice', 'Cable bends round everything else.'),
  here('rough.fan', 'rough.cable', 'practice', 'The fan shows where its cable ends.'),
  here(
    'rough.drains',
    'rough.mend-pipes',
    'practice',
    'New drains first, then mend what meets them.',
  ),
  here('demo.fixtures', 'rough.bath-in', 'physics', 'The old bath makes room for the new.'),
  here('rough.drains', 'hold.plumbing', 'inspection', 'Pipes are tested while they can be seen.'),
  here('rough.water', 'hold.plumbing', 'inspection', 'Pipes are tested while they can be seen.'),
  here('rough.cable', 'hold.electric', 'inspection', 'Cable is inspected while it can be seen.'),
  here('rough.panel', 'hold.electric', 'inspection', 'The panel is seen with the rough cable.'),
  here(
    'rough.ducts',
    'hold.mechanical',
    'inspection',
    'Ducts are inspected while they can be seen.',
  ),
  here('rough.fan', 'hold.mechanical', 'inspection', 'Ducts are inspected while they can be seen.'),
  here('rough.gas', 'hold.mechanical', 'inspection', 'The gas test comes with this visit.'),
  here(
    'rough.firestop',
    'hold.framing',
    'inspection',
    'Every hole is fire-stopped before the frame is seen.',
  ),
  here('#rough', 'record.walls', 'cover-up', 'What is in the wall is recorded while it shows.'),
  here('structure.wall', 'record.walls', 'cover-up', 'Blocking is recorded while it shows.'),
];

const CLOSERS: readonly Selector[] = ['#insulates', '#board'];
const COVER: readonly Rule[] = CLOSERS.flatMap((closer) => [
  here('record.walls', closer, 'cover-up' as const, 'Nothing is covered before it is recorded.'),
  here('#rough', closer, 'cover-up' as const, 'Pipes and cable go in before the wall closes.'),
  here('demo.haul', closer, 'physics' as const, 'The room is cleared before it is closed.'),
  here(
    'hold.plumbing',
    closer,
    'inspection' as const,
    'No wall closes before rough plumbing passes.',
  ),
  here(
    'hold.electric',
    closer,
    'inspection' as const,
    'No wall closes before rough electric passes.',
  ),
  here(
    'hold.mechanical',
    closer,
    'inspection' as const,
    'No wall closes before rough mechanical passes.',
  ),
  here('hold.framing', closer, 'inspection' as const, 'No frame is covered before it passes.'),
]);

const SURFACE: readonly Rule[] = [
  here('demo.haul', 'paint.wash', 'practice', 'Dust and debris go out before anything is washed.'),
  here('demo.haul', 'paint.prime', 'practice', 'Dust and debris go out before paint comes in.'),
  here('#rough', 'paint.wash', 'practice', 'Pipes and cable leave holes to fill.'),
  here('#rough', 'paint.prime', 'practice', 'Pipes and cable leave holes to fill.'),
  here('insulate.seal', 'insulate.blown', 'practice', 'Leaks are sealed while you can reach them.'),
  here('insulate.seal', 'insulate.batts', 'practice', 'Leaks are sealed while you can reach them.'),
  here(
    'insulate.batts',
    'hold.insulation',
    'inspection',
    'Insulation is seen before board covers it.',
  ),
  here('hold.insulation', '#board', 'inspection', 'No board before insulation passes.'),
  here('insulate.batts', '#board', 'cover-up', 'Batts go in before the board.'),
  here(
    'rough.bath-in',
    'board.walls',
    'physics',
    'The bath goes in before the wall that would stop it.',
  ),
  here('rough.bath-in', 'wall.backer', 'physics', 'Backer laps into the rim of the bath.'),
  here('board.walls', 'board.tape', 'physics', 'Tape covers hung joints.'),
  here('board.ceiling', 'board.tape-ceiling', 'physics', 'Tape covers hung joints.'),
  here(
    'board.tape',
    'board.second',
    'physics',
    'A coat shrinks as it dries; the next over wet compound cracks.',
  ),
  here(
    'board.second',
    'board.finish',
    'physics',
    'A coat shrinks as it dries; the next over wet compound cracks.',
  ),
  here('board.finish', 'board.sand', 'physics', 'Only dry compound sands.'),
  here('board.sand', 'paint.prime', 'physics', 'Primer shows every ridge that was not sanded.'),
  here('board.tape-ceiling', 'paint.prime', 'physics', 'Primer goes on dry compound.'),
  here('mend.ceiling', 'mend.walls', 'practice', 'Work from the top down.'),
  here('mend.ceiling', 'paint.prime', 'physics', 'Primer goes on dry patches.'),
  here('mend.walls', 'paint.prime', 'physics', 'Primer goes on dry patches.'),
  here('paint.wash', 'paint.prime', 'physics', 'Primer holds on clean, filled paint.'),
  here('paint.prime', 'paint.ceiling', 'physics', 'Paint goes on dry primer.'),
  here('paint.prime', 'paint.walls', 'physics', 'Paint goes on dry primer.'),
  here('paint.ceiling', 'paint.walls', 'practice', 'Ceiling paint spatters the walls.'),
];

const FIT_OUT: readonly Rule[] = [
  here('#board', 'cabinets.set', 'physics', 'Cabinets hang on finished walls.'),
  here('rough.water', 'cabinets.set', 'physics', 'Pipes end where the sink base stands.'),
  here('slab.pour', 'cabinets.set', 'physics', 'Cabinets stand on a floor that is there.'),
  here('floor.level', 'cabinets.set', 'physics', 'Level the floor before anything stands on it.'),
  here(
    'cabinets.set',
    'cabinets.template',
    'physics',
    'Tops are measured on cabinets that will not move.',
  ),
  here(
    'cabinets.template',
    'temp.tops',
    'practice',
    'You cook and wash up while the tops are cut.',
  ),
  after(16, here('cabinets.template', 'fit.tops', 'physics', 'Tops are cut to the template.')),
  here('fit.tops', 'tile.splash', 'physics', 'The backsplash sits on the tops.'),
  here('fit.tops', 'fit.sink', 'physics', 'The sink hangs in the tops.'),
  here('cabinets.set', 'fit.appliances', 'physics', 'Appliances slide between set cabinets.'),
  here('fit.sink', 'fit.appliances', 'practice', 'The dishwasher drains under the sink.'),
  forPractice(
    'floors',
    'cabinets-first',
    here(
      'cabinets.set',
      'floor.carry',
      'practice',
      'A floating floor must move, so cabinets stand first.',
    ),
  ),
  forPractice(
    'floors',
    'cabinets-first',
    here(
      'cabinets.set',
      'floor.lay',
      'practice',
      'A floating floor must move, so cabinets stand first.',
    ),
  ),
  forPractice(
    'floors',
    'floor-first',
    here(
      '#finished-floor',
      'cabinets.set',
      'practice',
      'The floor runs wall to wall, and cabinets stand on it.',
    ),
  ),
  forPractice(
    'paint',
    'paint-then-floors',
    here('paint.walls', 'cabinets.set', 'practice', 'It is easier to paint an empty wall.'),
  ),
  here('slab.pour', 'floor.level', 'physics', 'The screed is cured before it is levelled.'),
  here('slab.pour', 'floor.carry', 'physics', 'A damp screed ruins wood.'),
  here('slab.pour', 'tile.backer', 'physics', 'Tile follows the cured screed.'),
  here('structure.subfloor', 'floor.level', 'physics', 'Level what carries the floor.'),
  here('structure.subfloor', 'tile.backer', 'physics', 'Backer lies on the subfloor.'),
  here('floor.level', 'floor.carry', 'physics', 'Damp leveller wets the boards.'),
  here('floor.level', 'tile.backer', 'physics', 'Tile follows a level floor.'),
  here('mend.boards', 'floor.sand', 'physics', 'Sand a floor that is whole.'),
  here(
    '#board',
    'floor.carry',
    'physics',
    'Wet compound makes the boards swell before they settle.',
  ),
  here(
    'paint.prime',
    'floor.carry',
    'physics',
    'Boards settle in the air they will live in, not in wet paint.',
  ),
  here('floor.carry', 'floor.lay', 'physics', 'Boards that did not settle open their joints.'),
  here('shell.window', 'floor.carry', 'physics', 'Boards settle behind closed windows.'),
  ...each(['#finished-floor', 'floor.sand'], (floor) =>
    forPractice(
      'paint',
      'paint-then-floors',
      here('#paint', floor, 'practice', 'Paint before floors: drips land on nothing dear.'),
    ),
  ),
  ...each(['#finished-floor', 'floor.sand'], (floor) =>
    forPractice(
      'paint',
      'last-coat-after-floors',
      here('paint.prime', floor, 'practice', 'Primer before floors: it spatters.'),
    ),
  ),
  ...each(['#finished-floor', 'floor.sand'], (floor) =>
    forPractice(
      'paint',
      'last-coat-after-floors',
      here(floor, 'paint.walls', 'practice', 'The walls are painted when the floor is down.'),
    ),
  ),
  here('floor.sand', 'floor.finish', 'physics', 'Finish goes on clean, sanded boards.'),
  here('tile.backer', 'tile.seal', 'physics', 'The coating goes on the backer.'),
  here(
    'tile.backer',
    'heat.mat',
    'physics',
    'The mat lies on the backer, measured before and after.',
  ),
  here('heat.mat', 'tile.set', 'physics', 'The mat is measured once more before tile covers it.'),
  here('tile.seal', 'tile.set', 'physics', 'Tile goes on dry waterproofing.'),
  here('tile.seal', 'tile.flood', 'physics', 'The pan is flooded once the coating is dry.'),
  here(
    'tile.flood',
    'wall.tile',
    'practice',
    'No tile anywhere near before the pan has held water a day.',
  ),
  here('tile.set', 'tile.grout', 'physics', 'Grout needs tile that holds.'),
  here('wall.backer', 'wall.seal', 'physics', 'The coating goes on the backer.'),
  here('wall.seal', 'wall.tile', 'physics', 'Tile goes on dry waterproofing.'),
  here('wall.tile', 'wall.grout', 'physics', 'Grout needs tile that holds.'),
  here('wall.tile', 'tile.set', 'practice', 'Wall tile first: what drops lands on no new floor.'),
  here('wall.grout', 'shower.measure', 'physics', 'Glass is measured on finished tile.'),
  after(
    16,
    here('shower.measure', 'shower.glass', 'physics', 'Glass is made to the measured opening.'),
  ),
  here('tile.silicone', 'fit.bath', 'practice', 'Corners are closed before water runs.'),
  here('trim.prefinish', 'trim.base', 'practice', 'Loose trim is quicker to paint.'),
  here('trim.prefinish', 'trim.casing', 'practice', 'Loose trim is quicker to paint.'),
  here('paint.walls', 'trim.casing', 'practice', 'Casing goes over the first coats.'),
  here('cabinets.set', 'trim.base', 'practice', 'Base runs between set cabinets.'),
  here('cabinets.shelves', 'trim.base', 'practice', 'Base runs between what is built in.'),
  here('tile.splash', 'fit.devices', 'practice', 'Plates lie on the tile.'),
  here('trim.casing', 'trim.base', 'practice', 'Base butts against the casing.'),
  here('#finished-floor', 'trim.base', 'physics', 'Base stands on the finished floor.'),
  here(
    '#finished-floor',
    'trim.doors',
    'physics',
    'Doors are trimmed once the floor height is known.',
  ),
  here('trim.doors', 'trim.casing', 'physics', 'Casing follows the hung door.'),
  here('#board', 'trim.casing', 'physics', 'Casing lies on board.'),
  here('#board', 'trim.doors', 'physics', 'Frames are set to finished walls.'),
  here('shell.window', 'trim.casing', 'physics', 'Casing follows the window.'),
  here('shell.door', 'trim.casing', 'physics', 'Casing follows the door.'),
  here(
    'structure.opening',
    'trim.casing',
    'physics',
    'Casing goes round an opening that is framed.',
  ),
  here('#paint', 'fit.devices', 'practice', 'Plates go on painted walls.'),
  here('#board', 'fit.devices', 'physics', 'Outlets sit in closed walls.'),
  here('rough.cable', 'fit.devices', 'physics', 'Outlets end the cables.'),
  here('rough.cable', 'fit.lights', 'physics', 'Lights hang on their cable.'),
  here('#paint', 'fit.lights', 'practice', 'Lights go up on a painted ceiling.'),
  here('#board', 'fit.lights', 'physics', 'Lights hang from a closed ceiling.'),
  ...each(['fit.toilet', 'fit.basin', 'fit.bath', 'fit.washer', 'fit.sink', 'fit.radiator'], (id) =>
    here('rough.water', id, 'physics', 'It ends the pipes.'),
  ),
  ...each(
    ['fit.toilet', 'fit.basin', 'fit.washer', 'fit.radiator', 'fit.sink', 'fit.appliances'],
    (id) => here('#finished-floor', id, 'practice', 'It stands on the finished floor.'),
  ),
  ...each(['fit.toilet', 'fit.basin', 'fit.bath', 'fit.washer', 'fit.sink', 'fit.radiator'], (id) =>
    here('#paint', id, 'practice', 'The wall behind it is painted first.'),
  ),
  ...each(['fit.toilet', 'fit.basin', 'fit.bath', 'fit.washer', 'fit.sink', 'fit.radiator'], (id) =>
    here('#board', id, 'physics', 'It is fixed to closed walls.'),
  ),
  house('rough.gas', 'fit.boiler', 'physics', 'The boiler hangs on its gas line.'),
  house(
    'rough.heat',
    'fit.boiler',
    'safety',
    'Nothing is filled or fired before its pipes are in.',
  ),
  house(
    'rough.heat',
    'fit.heat-pump',
    'safety',
    'Nothing is filled or started before its pipes are in.',
  ),
  house(
    'hold.mechanical',
    'fit.boiler',
    'inspection',
    'The gas line is tested before it feeds anything.',
  ),
  house(
    'hold.plumbing',
    'fit.boiler',
    'inspection',
    'Nothing is filled or fired before its pipes are tested.',
  ),
  house('rough.panel', 'fit.devices', 'safety', 'Outlets go live on the new panel.'),
  house('board.ceiling', 'fit.alarms', 'physics', 'Alarms hang from closed ceilings.'),
  house('paint.ceiling', 'fit.alarms', 'practice', 'Paint and dust blind an alarm.'),
  here('stove.flue', 'fit.stove', 'physics', 'The stove stands under its own flue.'),
  here('stove.hearth', 'fit.stove', 'physics', 'The stove stands on its hearth.'),
  here('rough.lineset', 'fit.heat-pump', 'physics', 'It hangs on its lines.'),
  here('radon.pipe', 'radon.test', 'physics', 'The test tells what the pipe does.'),
];

const LIVING: readonly Rule[] = [
  house(
    'site.alarms',
    '#opens-up',
    'safety',
    'Alarms hang where people sleep before dust is made; covered by day, open at night.',
  ),
];

const FINISH: readonly Rule[] = [
  ...each(['#trim', '#trim-out', 'cabinets.shelves', 'tile.splash'], (id) =>
    here(id, 'last.caulk', 'practice', 'Caulk closes the joints that trim leaves.'),
  ),
  here('paint.walls', 'last.caulk', 'practice', 'Caulk goes on painted walls.'),
  here(
    '#finished-floor',
    'last.caulk',
    'practice',
    'The floor is in before the last joints close.',
  ),
  here('last.caulk', 'last.coat', 'physics', 'The last coat covers the caulk.'),
  here('mend.window', 'last.coat', 'practice', 'Putty and frames get the last coat too.'),
  here('mend.door', 'last.coat', 'practice', 'Edges that were planed get the last coat too.'),
  here(
    'trim.base',
    'floor.carpet',
    'practice',
    'Carpet is tucked to a base that is fixed and painted.',
  ),
  here('last.coat', 'floor.carpet', 'practice', 'Nothing drips on a carpet that comes last.'),
  here('last.coat', 'close.clean', 'practice', 'Clean once the last coat is on.'),
  ...each(
    ['#trim', '#trim-out', '#finished-floor', '#paint', 'tile.splash', 'cabinets.shelves'],
    (id) => here(id, 'close.clean', 'practice', 'Clean when the dusty work is over.'),
  ),
  here('last.coat', 'clean.down', 'practice', 'Clean when the dust is over.'),
  here('close.clean', 'close.punch', 'practice', 'Faults show on a clean surface.'),
  here('clean.down', 'close.punch', 'practice', 'One sees faults in a clean room.'),
  here('#trim', 'close.punch', 'practice', 'The list is made when the work is done.'),
  here('#trim-out', 'close.punch', 'practice', 'The list is made when the work is done.'),
  here('mend.skin', 'outside.paint', 'physics', 'Paint covers what was patched.'),
  here('outside.siding', 'outside.paint', 'physics', 'Paint goes on the siding.'),
  here('shell.porch', 'outside.deck', 'physics', 'Boards lie on the frame.'),
  here('deck.frame', 'outside.deck', 'physics', 'Boards lie on the frame.'),
  here('hold.deck', 'outside.deck', 'inspection', 'The frame is seen before boards cover it.'),
  here('outside.deck', 'outside.rail', 'physics', 'Rails stand on the boards.'),
  here('fit.devices', 'final.electric', 'inspection', 'The inspector tests what is fitted.'),
  here('fit.lights', 'final.electric', 'inspection', 'The inspector tests what is fitted.'),
  here('rough.panel', 'final.electric', 'inspection', 'The inspector tests what is fitted.'),
  here('hold.electric', 'final.electric', 'inspection', 'The final visit follows the rough one.'),
  here('hold.plumbing', 'final.plumbing', 'inspection', 'The final visit follows the rough one.'),
  ...each(['fit.toilet', 'fit.basin', 'fit.bath', 'fit.sink', 'fit.washer', 'fit.radiator'], (id) =>
    here(id, 'final.plumbing', 'inspection', 'The inspector tests what is fitted.'),
  ),
  here(
    'fit.appliances',
    'final.electric',
    'inspection',
    'Built-in and hard-wired appliances are seen too.',
  ),
  house(
    'outside.siding',
    'outside.grade',
    'practice',
    'Ladders and scaffold leave before the ground is shaped.',
  ),
  house('fit.alarms', 'final.occupancy', 'inspection', 'No certificate without alarms.'),
  ...each(['final.electric', 'final.plumbing', 'final.mechanical', 'final.building'], (id) =>
    house(id, 'final.occupancy', 'inspection', 'The certificate follows the finals.'),
  ),
  ...each(['hold.framing', 'hold.mechanical', 'hold.deck'], (id) =>
    house(id, 'final.occupancy', 'inspection', 'The certificate follows every visit.'),
  ),
  house('permit.apply', 'final.occupancy', 'inspection', 'A certificate closes a permit.'),
  house('final.occupancy', 'move.in', 'inspection', 'Nobody moves in before the office says so.'),
  house('#for-living', 'move.in', 'practice', 'This is part of being able to live here.'),
  house('safe.locks', 'move.in', 'safety', 'New keys before your things come in.'),
  house('trim.rail', 'move.in', 'safety', 'Stairs have rails before anyone lives there.'),
  house('move.in', 'after.papers', 'practice', 'Papers can wait for a table.'),
  ...each(['final.electric', 'final.plumbing', 'final.mechanical', 'final.building'], (id) =>
    house(id, 'after.papers', 'practice', 'The last visits leave papers too.'),
  ),
  house('close.punch', 'after.papers', 'practice', 'Papers are filed when the work is done.'),
  after(90, house('move.in', 'after.season', 'physics', 'A season of living shows what moved.')),
  after(
    90,
    house('close.punch', 'after.season', 'physics', 'A season of living shows what moved.'),
  ),
];

/** All rules between named steps. Tests prove that they name real steps, go forwards, and never contradict. */
export const RULES: readonly Rule[] = [
  ...DECIDE,
  ...OPEN_UP,
  ...LOOK,
  ...CARRY,
  ...DRY_IN,
  ...ROUGH,
  ...COVER,
  ...SURFACE,
  ...FIT_OUT,
  ...LIVING,
  ...FINISH,
];
