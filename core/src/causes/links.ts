/**
 * The links of the cause graph. A link is something a coach can look at; its value says which way it is
 * off, in words that mean the same for both hands (open, strong, early), so that the graph needs no
 * mirroring of its own. Common practice, no source, except where geometry says so.
 */
export const STAGES = [
  'club',
  'set-up',
  'takeaway',
  'top',
  'transition',
  'impact',
  'after',
] as const;
export type Stage = (typeof STAGES)[number];

/** −1 and 1: off one way or the other; 0: looked at and as it should be. */
export type LinkValue = -1 | 0 | 1;

export interface CauseLink {
  readonly id: string;
  readonly label: string;
  readonly stage: Stage;
  /** How to look at it. */
  readonly look: string;
  /** Words for −1, 0 and 1. */
  readonly words: readonly [string, string, string];
}

const link = <const Id extends string>(
  id: Id,
  label: string,
  stage: Stage,
  look: string,
  words: CauseLink['words'],
): CauseLink & { readonly id: Id } => ({ id, label, stage, look, words });

export const CAUSE_LINKS = [
  link('head-bias', 'Head bias', 'club', 'What the head is built to do', [
    'fade-biased',
    'neutral',
    'draw-biased',
  ]),
  link('sleeve', 'Loft sleeve', 'club', 'How the sleeve is set', [
    'set low',
    'neutral',
    'set high',
  ]),
  link('lie', 'Lie angle', 'club', 'Where the sole marks a board', [
    'too flat',
    'fits',
    'too upright',
  ]),
  link('ball-position', 'Ball position', 'set-up', 'Against the lead heel, from square on', [
    'too far back',
    'as it should be',
    'too far forward',
  ]),
  link('aim', 'Body aim', 'set-up', 'A stick along the toes, seen from behind', [
    'open to the target',
    'at the target',
    'closed to the target',
  ]),
  link('shoulder-line', 'Shoulder line', 'set-up', 'A stick across the shoulders', [
    'closed',
    'square',
    'open',
  ]),
  link('feet-line', 'Feet line', 'set-up', 'A stick along the toes', ['closed', 'square', 'open']),
  link('hip-line', 'Hip line', 'set-up', 'A stick across the hips', ['closed', 'square', 'open']),
  link('grip-strength', 'Grip strength', 'set-up', 'Knuckles of the lead hand: two are neutral', [
    'weak, one or none',
    'neutral, two',
    'strong, three or more',
  ]),
  link('grip-hold', 'Grip across the hand', 'set-up', 'Where the grip runs across the lead hand', [
    'in the fingertips',
    'in the fingers',
    'in the palm',
  ]),
  link('distance', 'Distance from the ball', 'set-up', 'A spread hand from buckle to grip end', [
    'too near',
    'as it should be',
    'too far',
  ]),
  link(
    'leading-edge',
    'Leading edge at waist height',
    'takeaway',
    'Against the tilt of the spine, near 45°',
    ['to the ground', 'matches the spine', 'to the sky'],
  ),
  link('forearms', 'Forearms going back', 'takeaway', 'From behind: which forearm is above', [
    'lead above trail',
    'level',
    'trail above lead',
  ]),
  link('lead-wrist', 'Lead wrist at the top', 'top', 'Flat within a few degrees is neutral', [
    'bowed',
    'flat',
    'cupped',
  ]),
  link('toe-at-top', 'Face at the top', 'top', 'Where the toe hangs', [
    'to the sky',
    'half-way',
    'toe straight down',
  ]),
  link('back-turn', 'Turn going back', 'top', 'Back to the target at the top', [
    'over-turned',
    'full',
    'short',
  ]),
  link('chest', 'Chest coming down', 'transition', 'When the chest opens', [
    'late, stuck behind',
    'in time',
    'opens early',
  ]),
  link('lead-hip', 'Lead hip', 'transition', 'Against a stick off the hip', [
    'drives past',
    'holds',
    'backs away',
  ]),
  link('eye-line', 'Eye line through impact', 'impact', 'The brim of the cap', [
    'turned closed',
    'still',
    'turned open',
  ]),
  link('side-bend', 'Side bend', 'impact', 'From behind, at impact', ['upright', 'usual', 'a lot']),
  link('lead-elbow', 'Lead elbow', 'after', 'Past impact', ['runs on out', 'folds', 'pulls back']),
] as const satisfies readonly CauseLink[];

/** Id of a link. */
export type CauseLinkId = (typeof CAUSE_LINKS)[number]['id'];
export const CAUSE_LINK_IDS: readonly CauseLinkId[] = CAUSE_LINKS.map(({ id }) => id);

/**
 * What the links end in: path + in-to-out, face + open, strike + toe; `together` is face and path by the same
 * angle, + to the push side.
 */
export const FAULT_NODES = ['path', 'face', 'strike', 'together'] as const;
export type FaultNode = (typeof FAULT_NODES)[number];

/**
 * `more`: more of the one is more (1) or less (−1) of the other. `either`: off to either side pushes that way.
 * `unsure`: it may push either way, so it is worth a look and never a cause.
 */
export interface CauseEdge {
  readonly from: CauseLinkId;
  readonly to: CauseLinkId | FaultNode;
  readonly sign: 1 | -1;
  readonly how: 'more' | 'either' | 'unsure';
  /** 1 weak, 2 usual, 3 strong. */
  readonly strength: 1 | 2 | 3;
}

const edge = (
  from: CauseLinkId,
  to: CauseEdge['to'],
  sign: 1 | -1,
  strength: CauseEdge['strength'] = 2,
  how: CauseEdge['how'] = 'more',
): CauseEdge => ({ from, to, sign, how, strength });

export const CAUSE_EDGES: readonly CauseEdge[] = [
  edge('ball-position', 'shoulder-line', 1),
  // Met later in the turn the face is further closed, or held open against it: look before you claim.
  edge('ball-position', 'face', -1, 1, 'unsure'),
  edge('ball-position', 'together', -1),
  edge('shoulder-line', 'path', -1, 3),
  edge('feet-line', 'path', -1, 1),
  edge('hip-line', 'path', -1, 1),
  // Aimed off to either side a player cuts across to get back; aiming left never straightens an out-to-in path.
  edge('aim', 'path', -1, 1, 'either'),
  edge('aim', 'together', 1, 3),
  edge('eye-line', 'path', -1, 3),
  edge('side-bend', 'path', 1),
  edge('back-turn', 'path', -1),
  edge('chest', 'path', -1, 3),
  edge('chest', 'together', -1, 1),
  edge('lead-hip', 'path', -1),
  edge('lead-hip', 'face', -1),
  edge('lead-hip', 'together', -1),
  edge('lead-elbow', 'path', -1),
  edge('grip-strength', 'face', -1, 3),
  edge('grip-hold', 'face', 1),
  edge('lead-wrist', 'face', 1, 3),
  edge('leading-edge', 'face', 1),
  edge('toe-at-top', 'face', 1),
  edge('forearms', 'face', -1),
  edge('head-bias', 'face', -1, 1),
  edge('sleeve', 'face', -1, 1),
  edge('lie', 'face', -1, 1),
  edge('lie', 'together', -1, 1),
  edge('distance', 'strike', 1),
];
