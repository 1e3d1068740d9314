import type { Answer, QuestionId } from '../schools';
import type { Tag } from '../steps';

/** A step by id, or a family of steps by `#tag`. */
export type Selector = string | `#${Tag}`;

export type Rule = {
  id: string;
  before: Selector;
  after: Selector;
  /**
   * `place`: both in one place. `house`: any place. `served`: the later job's place must hold the
   * step named by `serves`, because a hold point stops only what it covers.
   */
  within: 'place' | 'house' | 'served';
  serves?: Selector;
  /** One sentence; it is what lets an owner argue. */
  why: string;
  /** Safety, inspection, cover-up and physics cannot be dropped; the rest are good practice. */
  strength: 'safety' | 'inspection' | 'cover-up' | 'physics' | 'practice';
  /** Holds only while the house answers this question so. */
  school?: { question: QuestionId; answer: Answer };
};

type Strength = Rule['strength'];

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
const served = (
  before: Selector,
  after: Selector,
  serves: Selector,
  strength: Strength,
  why: string,
): Rule => ({ ...here(before, after, strength, why), within: 'served', serves });

/** A rule of one school among several. */
const schooled = (question: QuestionId, answer: Answer, rule: Rule): Rule => ({
  ...rule,
  school: { question, answer },
});

const DECIDE: readonly Rule[] = [
  here('survey.walk', 'survey.measure', 'practice', 'You measure what you have looked at.'),
  here('survey.walk', '#opens-up', 'practice', 'Know what stays before you take anything out.'),
  here('survey.measure', 'decide.finishes', 'practice', 'Finishes are chosen to a size.'),
  here('decide.finishes', '#opens-up', 'practice', 'Decide before you open up.'),
  here('decide.finishes', 'paint.prime', 'practice', 'The colour decides the primer.'),
  here('decide.finishes', 'floor.carry', 'practice', 'The floor is ordered once it is chosen.'),
  here('decide.finishes', 'tile.backer', 'practice', 'The tile decides what goes under it.'),
  here('decide.finishes', 'cabinets.set', 'practice', 'Cabinets are ordered once they are chosen.'),
  here('survey.measure', '#shell', 'physics', 'It is made or cut to the measured size.'),
  here('survey.measure', '#trim', 'physics', 'Trim is ordered to measure.'),
  here('survey.measure', 'cabinets.shelves', 'physics', 'Shelves are built to measure.'),
  house('survey.walk', 'survey.test', 'practice', 'The walk finds what is worth testing.'),
  house('survey.measure', 'permit.plans', 'practice', 'Plans are drawn from sizes.'),
  house('permit.plans', 'permit.apply', 'physics', 'The office reads plans.'),
  house('permit.apply', '#structure', 'inspection', 'Work on structure needs its permit first.'),
  house('permit.apply', '#rough', 'inspection', 'Pipes and cable need their permit first.'),
  house('permit.apply', 'shell.porch', 'inspection', 'A new porch needs its permit first.'),
];

const OPEN_UP: readonly Rule[] = [
  house('survey.test', '#opens-up', 'safety', 'Test suspect materials before you disturb them.'),
  house('survey.test', 'safe.abate', 'safety', 'What is removed depends on what was found.'),
  house('survey.test', 'paint.wash', 'safety', 'Old paint is tested before it is sanded.'),
  house('survey.test', 'floor.sand', 'safety', 'Old finish is tested before it is sanded.'),
  house('survey.test', 'outside.paint', 'safety', 'Old paint is tested before it is scraped.'),
  house('safe.abate', '#opens-up', 'safety', 'Licensed removal comes before anyone raises dust.'),
  here('safe.isolate', '#opens-up', 'safety', 'Nothing is opened before it is proved dead.'),
  here('safe.isolate', '#rough', 'safety', 'Pipes and cable are worked on dead.'),
  here('safe.dust-wall', '#opens-up', 'safety', 'Dust is walled off before it is made.'),
  here('safe.protect', 'paint.wash', 'practice', 'Cover what stays before you wash and sand.'),
  here('demo.ceiling', 'demo.walls', 'practice', 'Ceilings come down first, onto a clear floor.'),
  here('demo.walls', 'demo.floor', 'practice', 'The old floor catches what falls.'),
  here('demo.fixtures', 'demo.floor', 'physics', 'Fixtures stand on the floor you lift.'),
  here('demo.fixtures', 'demo.walls', 'physics', 'Fixtures hang on the walls you strip.'),
  ...(
    [
      'demo.ceiling',
      'demo.walls',
      'demo.floor',
      'demo.fixtures',
      'demo.wall',
      'demo.porch',
      'demo.siding',
    ] as const
  ).map((id) => here(id, 'demo.haul', 'physics', 'Debris goes out once it is down.')),
  here('demo.haul', '#rough', 'practice', 'A cleared room is safer to work in.'),
  here('demo.haul', 'structure.joists', 'practice', 'A cleared room is safer to work in.'),
  here('demo.haul', 'structure.wall', 'practice', 'A cleared room is safer to work in.'),
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
];

/** What is suspected is looked at before anything is ordered for that room, or built on it. */
const LOOK: readonly Rule[] = [
  here('survey.walk', '#looks', 'practice', 'The walk says where to look.'),
  here('safe.isolate', 'look.open', 'safety', 'Nothing is opened before it is proved dead.'),
  house('survey.test', 'look.open', 'safety', 'Test suspect materials before you disturb them.'),
  here('#looks', 'decide.finishes', 'practice', 'Look before you order for that room.'),
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

/** Making good what stays comes where its new counterpart would. */
const MEND: readonly Rule[] = [
  ...(['mend.ceiling', 'mend.walls', 'mend.window', 'mend.skin'] as const).map((id) =>
    house('survey.test', id, 'safety', 'Old paint and plaster are tested before they are cut.'),
  ),
  here('demo.part', 'demo.haul', 'physics', 'Debris goes out once it is down.'),
  here('demo.part', 'structure.opening', 'physics', 'The old unit leaves its hole first.'),
  here('demo.part', 'structure.stair', 'physics', 'The old stair makes room for the new.'),
  here('demo.part', 'mend.built-ins', 'physics', 'It comes out before it goes back.'),
  house(
    'engineer.visit',
    'structure.opening',
    'safety',
    'Sizes come from an engineer, never a guess.',
  ),
  house(
    'structure.opening',
    'hold.framing',
    'inspection',
    'The inspector sees the frame while it is bare.',
  ),
  here(
    'structure.opening',
    'trim.casing',
    'physics',
    'Casing goes round an opening that is framed.',
  ),
  here('structure.stair', 'trim.rail', 'physics', 'Rails stand on the new stair.'),
  here(
    'shell.clear-drains',
    'outside.grade',
    'physics',
    'Pipes run free before ground covers them.',
  ),
  here(
    'rough.drains',
    'rough.mend-pipes',
    'practice',
    'New drains first, then mend what meets them.',
  ),
  here('board.ceiling', 'board.tape-ceiling', 'physics', 'Tape covers hung joints.'),
  here('board.tape-ceiling', 'paint.prime', 'physics', 'Primer goes on dry compound.'),
  here('mend.ceiling', 'paint.prime', 'physics', 'Primer goes on dry patches.'),
  here('mend.walls', 'paint.prime', 'physics', 'Primer goes on dry patches.'),
  here('mend.ceiling', 'mend.walls', 'practice', 'Work from the top down.'),
  here('paint.walls', 'mend.built-ins', 'practice', 'It is easier to paint an empty wall.'),
  here('mend.boards', 'floor.sand', 'physics', 'Sand a floor that is whole.'),
  schooled(
    'paint',
    'paint-then-floors',
    here('paint.walls', 'mend.boards', 'practice', 'Paint falls on the floor.'),
  ),
  here('mend.window', 'last.coat', 'practice', 'Putty and frames get the last coat too.'),
  here('mend.door', 'last.coat', 'practice', 'Edges that were planed get the last coat too.'),
  here('last.coat', 'clean.down', 'practice', 'Clean when the dust is over.'),
  here('paint.walls', 'clean.down', 'practice', 'Clean when the dust is over.'),
  here('demo.haul', 'clean.down', 'practice', 'Clean when the dust is over.'),
  here('mend.skin', 'outside.paint', 'physics', 'Paint covers what was patched.'),
  here('clean.down', 'close.punch', 'practice', 'One sees faults in a clean room.'),
];

const CARRY: readonly Rule[] = [
  house(
    'engineer.visit',
    'structure.shore',
    'safety',
    'Sizes come from an engineer, never a guess.',
  ),
  house(
    'engineer.visit',
    'structure.joists',
    'safety',
    'Sizes come from an engineer, never a guess.',
  ),
  here('structure.shore', 'demo.wall', 'safety', 'Shoring stands before a bearing wall goes.'),
  here('demo.wall', 'structure.beam', 'physics', 'The beam takes the place of the wall.'),
  here(
    'structure.beam',
    'structure.unshore',
    'safety',
    'Shoring leaves when the beam bears on both ends.',
  ),
  here(
    'structure.unshore',
    'structure.joists',
    'practice',
    'The beam settles before joists are trued.',
  ),
  here('structure.joists', 'structure.subfloor', 'physics', 'The subfloor lies on the joists.'),
  here('structure.subfloor', 'structure.wall', 'physics', 'The wall stands on the subfloor.'),
  here('slab.drains', 'slab.pour', 'physics', 'Pipes lie under the pour.'),
  served(
    'hold.under-slab',
    'slab.pour',
    'slab.drains',
    'inspection',
    'No pour before under-slab passes.',
  ),
  house(
    'slab.drains',
    'hold.under-slab',
    'inspection',
    'The inspector comes when the pipes lie open.',
  ),
  ...(
    ['structure.joists', 'structure.subfloor', 'structure.wall', 'structure.unshore'] as const
  ).map((id) => here(id, '#rough', 'physics', 'Pipes and cable follow the frame.')),
  here('slab.pour', 'structure.wall', 'physics', 'A new wall stands on a floor that bears.'),
  ...(['structure.unshore', 'structure.joists', 'structure.wall', 'shell.porch'] as const).map(
    (id) =>
      house(id, 'hold.framing', 'inspection', 'The inspector sees the frame while it is bare.'),
  ),
];

const DRY_IN: readonly Rule[] = [
  house('shell.roof', '#insulates', 'physics', 'A leaking roof undoes everything below it.'),
  house('shell.roof', 'board.ceiling', 'physics', 'A leaking roof undoes everything below it.'),
  here('shell.roof', 'shell.gutter', 'physics', 'Gutters hang from the finished eave.'),
  house('shell.drain', 'outside.grade', 'physics', 'Pipes lie under the graded ground.'),
  here('shell.window', '#insulates', 'physics', 'The wall is closed round a window that is in.'),
  here('shell.window', 'board.walls', 'physics', 'Board is cut to the window that is in.'),
  here('shell.door', 'board.walls', 'physics', 'Board is cut to the door that is in.'),
  here('shell.window', 'paint.prime', 'practice', 'A new window leaves patches to prime.'),
  house('shell.window', 'outside.siding', 'practice', 'Siding laps to windows already flashed.'),
  here('shell.wrap', 'outside.siding', 'cover-up', 'Wrap and flashing lie under the siding.'),
  here('demo.siding', 'shell.wrap', 'physics', 'The wrap goes on bare sheathing.'),
  here('demo.porch', 'shell.porch', 'physics', 'The old porch makes room for the new.'),
];

const ROUGH: readonly Rule[] = [
  here('rough.drains', 'rough.ducts', 'practice', 'Drains need slope, so they choose first.'),
  here('rough.drains', 'rough.water', 'practice', 'Drains need slope, so they choose first.'),
  here('rough.ducts', 'rough.water', 'practice', 'Ducts are the bigger, they choose before water.'),
  here('rough.water', 'rough.gas', 'practice', 'Gas goes where water left room.'),
  here('rough.water', 'rough.cable', 'practice', 'Cable bends round everything else.'),
  here('rough.ducts', 'rough.cable', 'practice', 'Cable bends round everything else.'),
  here('rough.fan', 'rough.cable', 'practice', 'The fan shows where its cable ends.'),
  here('demo.fixtures', 'rough.bath-in', 'physics', 'The old bath makes room for the new.'),
  here('rough.bath-in', 'rough.drains', 'practice', 'The drain meets the bath where it stands.'),
  house('rough.drains', 'hold.plumbing', 'inspection', 'Pipes are tested while they can be seen.'),
  house('rough.water', 'hold.plumbing', 'inspection', 'Pipes are tested while they can be seen.'),
  house('rough.cable', 'hold.electric', 'inspection', 'Cable is inspected while it can be seen.'),
  house('rough.panel', 'hold.electric', 'inspection', 'The panel is seen with the rough cable.'),
  house(
    'rough.ducts',
    'hold.mechanical',
    'inspection',
    'Ducts are inspected while they can be seen.',
  ),
  house(
    'rough.fan',
    'hold.mechanical',
    'inspection',
    'Ducts are inspected while they can be seen.',
  ),
  house('rough.gas', 'hold.mechanical', 'inspection', 'The gas test comes with this visit.'),
  here('#rough', 'record.walls', 'cover-up', 'What is in the wall is recorded while it shows.'),
  here('structure.wall', 'record.walls', 'cover-up', 'Blocking is recorded while it shows.'),
];

const CLOSERS: readonly Selector[] = ['#insulates', '#board'];
const COVER: readonly Rule[] = CLOSERS.flatMap((closer) => [
  here('record.walls', closer, 'cover-up' as const, 'Nothing is covered before it is recorded.'),
  here('#rough', closer, 'cover-up' as const, 'Pipes and cable go in before the wall closes.'),
  here('demo.haul', closer, 'physics' as const, 'The room is cleared before it is closed.'),
  here('structure.wall', closer, 'physics' as const, 'The frame stands before it is closed.'),
  served(
    'hold.plumbing',
    closer,
    'rough.water',
    'inspection' as const,
    'No wall closes before rough plumbing passes.',
  ),
  served(
    'hold.electric',
    closer,
    'rough.cable',
    'inspection' as const,
    'No wall closes before rough electric passes.',
  ),
  served(
    'hold.mechanical',
    closer,
    'rough.ducts',
    'inspection' as const,
    'No wall closes before rough mechanical passes.',
  ),
  served(
    'hold.framing',
    closer,
    '#structure',
    'inspection' as const,
    'No frame is covered before it passes.',
  ),
]);

const SURFACE: readonly Rule[] = [
  here('demo.haul', 'paint.wash', 'practice', 'Dust and debris go out before anything is washed.'),
  here('demo.haul', 'paint.prime', 'practice', 'Dust and debris go out before paint comes in.'),
  here('#rough', 'paint.wash', 'practice', 'Pipes and cable leave holes to fill.'),
  here('#rough', 'paint.prime', 'practice', 'Pipes and cable leave holes to fill.'),
  here('slab.pour', 'paint.wash', 'practice', 'A pour splashes the walls.'),
  house('shell.roof', 'paint.prime', 'physics', 'A leaking roof undoes everything below it.'),
  house('shell.roof', 'floor.sand', 'physics', 'A leaking roof undoes everything below it.'),
  here('cabinets.shelves', 'floor.sand', 'practice', 'Build first, then make the floor good.'),
  here('insulate.seal', 'insulate.batts', 'practice', 'Leaks are sealed while you can reach them.'),
  house(
    'insulate.batts',
    'hold.insulation',
    'inspection',
    'Insulation is seen before board covers it.',
  ),
  here('insulate.seal', 'insulate.blown', 'practice', 'Leaks are sealed while you can reach them.'),
  served(
    'hold.insulation',
    '#board',
    'insulate.batts',
    'inspection',
    'No board before insulation passes.',
  ),
  here('insulate.batts', '#board', 'cover-up', 'Batts go in before the board.'),
  house(
    'board.ceiling',
    'insulate.blown',
    'physics',
    'Blown insulation lies on the ceiling board.',
  ),
  here(
    'board.ceiling',
    'board.walls',
    'practice',
    'Ceilings first: the wall board holds their edge.',
  ),
  here(
    'rough.bath-in',
    'board.walls',
    'physics',
    'The bath goes in before the wall that would stop it.',
  ),
  here('board.walls', 'board.tape', 'physics', 'Tape covers hung joints.'),
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
  here('paint.wash', 'paint.prime', 'physics', 'Primer holds on clean, filled paint.'),
  here('paint.prime', 'paint.ceiling', 'physics', 'Paint goes on dry primer.'),
  here('paint.prime', 'paint.walls', 'physics', 'Paint goes on dry primer.'),
  here('paint.ceiling', 'paint.walls', 'practice', 'Ceiling paint spatters the walls.'),
];

const FIT_OUT: readonly Rule[] = [
  schooled(
    'paint',
    'paint-then-floors',
    here('paint.walls', 'cabinets.set', 'practice', 'It is easier to paint an empty wall.'),
  ),
  schooled(
    'paint',
    'paint-then-floors',
    here('paint.walls', 'cabinets.shelves', 'practice', 'It is easier to paint an empty wall.'),
  ),
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
  here('cabinets.template', 'fit.tops', 'physics', 'Tops are cut to the template.'),
  here('fit.tops', 'tile.splash', 'physics', 'The backsplash sits on the tops.'),
  here('fit.tops', 'fit.sink', 'physics', 'The sink hangs in the tops.'),
  here('cabinets.set', 'fit.appliances', 'physics', 'Appliances slide between set cabinets.'),
  schooled(
    'floors',
    'cabinets-first',
    here(
      'cabinets.set',
      'floor.carry',
      'practice',
      'A floating floor must move, so cabinets stand first.',
    ),
  ),
  schooled(
    'floors',
    'floor-first',
    here(
      '#finished-floor',
      'cabinets.set',
      'practice',
      'The floor runs wall to wall, and cabinets stand on it.',
    ),
  ),
  here('demo.haul', 'floor.carry', 'physics', 'The old floor must be gone.'),
  here('slab.pour', 'floor.level', 'physics', 'The screed is cured before it is levelled.'),
  here('slab.pour', 'floor.carry', 'physics', 'A damp screed ruins wood.'),
  here('slab.pour', 'tile.backer', 'physics', 'Tile follows the cured screed.'),
  here('structure.subfloor', 'floor.level', 'physics', 'Level what carries the floor.'),
  here('structure.subfloor', 'tile.backer', 'physics', 'Backer lies on the subfloor.'),
  here('floor.level', 'floor.carry', 'physics', 'Damp leveller wets the boards.'),
  here('floor.level', 'tile.backer', 'physics', 'Tile follows a level floor.'),
  here('floor.carry', 'floor.lay', 'physics', 'Boards that did not settle open their joints.'),
  ...(['#finished-floor', 'floor.sand'] as const).flatMap((floor) => [
    schooled(
      'paint',
      'paint-then-floors',
      here('#paint', floor, 'practice', 'Paint before floors: drips land on nothing dear.'),
    ),
    ...(['paint.prime', 'paint.ceiling'] as const).map((first) =>
      schooled(
        'paint',
        'last-coat-after-floors',
        here(first, floor, 'practice', 'Primer and ceiling before floors: both spatter.'),
      ),
    ),
    schooled(
      'paint',
      'last-coat-after-floors',
      here(floor, 'paint.walls', 'practice', 'The walls are painted when the floor is down.'),
    ),
  ]),
  here('floor.sand', 'floor.finish', 'physics', 'Finish goes on clean, sanded boards.'),
  here('tile.backer', 'tile.seal', 'physics', 'The coating goes on the backer.'),
  here('tile.seal', 'tile.set', 'physics', 'Tile goes on dry waterproofing.'),
  here('tile.set', 'tile.grout', 'physics', 'Grout needs tile that holds.'),
  here('trim.prefinish', 'trim.base', 'practice', 'Loose trim is quicker to paint.'),
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
  here('#paint', 'fit.devices', 'practice', 'Plates go on painted walls.'),
  here('#board', 'fit.devices', 'physics', 'Outlets sit in closed walls.'),
  here('rough.cable', 'fit.devices', 'physics', 'Outlets end the cables.'),
  here('rough.cable', 'fit.lights', 'physics', 'Lights hang on their cable.'),
  here('#paint', 'fit.lights', 'practice', 'Lights go up on a painted ceiling.'),
  here('#board', 'fit.lights', 'physics', 'Lights hang from a closed ceiling.'),
  ...(
    ['fit.toilet', 'fit.basin', 'fit.bath', 'fit.washer', 'fit.sink', 'fit.radiator'] as const
  ).flatMap((id) => [
    here('rough.water', id, 'physics' as const, 'It ends the pipes.'),
    here('#paint', id, 'practice' as const, 'The wall behind it is painted first.'),
    here('#board', id, 'physics' as const, 'It is fixed to closed walls.'),
    here('#finished-floor', id, 'practice' as const, 'It stands on the finished floor.'),
    served(
      'hold.plumbing',
      id,
      'rough.water',
      'inspection' as const,
      'No fixture before rough plumbing passes.',
    ),
  ]),
  served(
    'hold.electric',
    'fit.devices',
    'rough.cable',
    'inspection',
    'No outlet before rough electric passes.',
  ),
  served(
    'hold.electric',
    'fit.lights',
    'rough.cable',
    'inspection',
    'No light before rough electric passes.',
  ),
  house(
    'hold.mechanical',
    'fit.boiler',
    'inspection',
    'The gas line is tested before it feeds anything.',
  ),
  house('rough.gas', 'fit.boiler', 'physics', 'The boiler hangs on its gas line.'),
  house('rough.panel', 'fit.devices', 'safety', 'Outlets go live on the new panel.'),
  house('board.ceiling', 'fit.alarms', 'physics', 'Alarms hang from closed ceilings.'),
  house('paint.ceiling', 'fit.alarms', 'practice', 'Paint and dust blind an alarm.'),
];

const FINISH: readonly Rule[] = [
  ...(['#trim', '#trim-out', 'cabinets.shelves', 'tile.splash'] as const).map((id) =>
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
  here('last.coat', 'close.clean', 'practice', 'Clean once the last coat is on.'),
  ...(
    ['#trim', '#trim-out', '#finished-floor', '#paint', 'tile.splash', 'cabinets.shelves'] as const
  ).map((id) => here(id, 'close.clean', 'practice', 'Clean when the dusty work is over.')),
  here('close.clean', 'close.punch', 'practice', 'Faults show on a clean surface.'),
  here('#trim', 'close.punch', 'practice', 'The list is made when the work is done.'),
  here('#trim-out', 'close.punch', 'practice', 'The list is made when the work is done.'),
  here('last.caulk', 'close.punch', 'practice', 'The list is made when the work is done.'),
  here('outside.siding', 'outside.paint', 'physics', 'Paint goes on the siding.'),
  here('shell.porch', 'outside.deck', 'physics', 'Boards lie on the frame.'),
  served(
    'hold.framing',
    'outside.deck',
    'shell.porch',
    'inspection',
    'The frame is seen before boards cover it.',
  ),
  here('outside.deck', 'outside.rail', 'physics', 'Rails stand on the boards.'),
  house(
    'outside.siding',
    'outside.grade',
    'practice',
    'Ladders and scaffold leave before the ground is shaped.',
  ),
  house('fit.devices', 'final.electric', 'inspection', 'The inspector tests what is fitted.'),
  house('fit.lights', 'final.electric', 'inspection', 'The inspector tests what is fitted.'),
  house('rough.panel', 'final.electric', 'inspection', 'The inspector tests what is fitted.'),
  house('hold.electric', 'final.electric', 'inspection', 'The final visit follows the rough one.'),
  house('hold.plumbing', 'final.plumbing', 'inspection', 'The final visit follows the rough one.'),
  ...(
    ['fit.toilet', 'fit.basin', 'fit.bath', 'fit.sink', 'fit.washer', 'fit.radiator'] as const
  ).map((id) => house(id, 'final.plumbing', 'inspection', 'The inspector tests what is fitted.')),
  house('fit.alarms', 'final.occupancy', 'inspection', 'No certificate without alarms.'),
  house('final.electric', 'final.occupancy', 'inspection', 'The certificate follows the finals.'),
  house('final.plumbing', 'final.occupancy', 'inspection', 'The certificate follows the finals.'),
  house('hold.framing', 'final.occupancy', 'inspection', 'The certificate follows every visit.'),
  house('hold.mechanical', 'final.occupancy', 'inspection', 'The certificate follows every visit.'),
  house('permit.apply', 'final.occupancy', 'inspection', 'A certificate closes a permit.'),
  house('final.occupancy', 'move.in', 'inspection', 'Nobody moves in before the office says so.'),
  house('#for-living', 'move.in', 'practice', 'This is part of being able to live here.'),
  house('safe.locks', 'move.in', 'safety', 'New keys before your things come in.'),
  house('trim.rail', 'move.in', 'safety', 'Stairs have rails before anyone lives there.'),
  house('move.in', 'after.papers', 'practice', 'Papers can wait for a table.'),
  house('move.in', 'after.season', 'practice', 'A season of living shows what moved.'),
];

/** All rules between steps. A test proves that they name real steps, never contradict and never loop. */
export const RULES: readonly Rule[] = [
  ...DECIDE,
  ...OPEN_UP,
  ...LOOK,
  ...MEND,
  ...CARRY,
  ...DRY_IN,
  ...ROUGH,
  ...COVER,
  ...SURFACE,
  ...FIT_OUT,
  ...FINISH,
];
