import type { Moment, Strand } from '@/server/tide';
import type { LaneQuestion } from '@/ui/lanes/search';
import type { BandBox, PlacedStay, Raft } from './bands';
import type { Channel } from './channels';
import type { PlacedLabel } from './labels';
import type { DayMark, Tick } from './ticks';
import type { TimeScale } from './time-scale';

/** The picture’s frame on the screen, px. */
export interface Frame {
  readonly width: number;
  readonly height: number;
  readonly keelX: number;
  readonly labelWidth: number;
  readonly rulerHeight: number;
  /** Factor on every text: the reader’s own size over the usual one. */
  readonly text: number;
  /** True where the picture is as long as it wants, its places named above their lanes. */
  readonly tall: boolean;
}

/** A disc on a strand. */
export interface Disc {
  readonly moment: Moment;
  readonly x: number;
  readonly y: number;
  readonly r: number;
  /** Done, one of the next five, or later. */
  readonly rank: 'done' | 'next' | 'later';
}

/** The bracket of a ripe window above a strand. */
export interface Bracket {
  readonly lotId: string;
  readonly y: number;
  readonly opensX: number;
  readonly bestX: number | null;
  /** Null: used while still ripe, or no closing in sight. */
  readonly closesX: number | null;
  readonly endX: number;
  /** Soft bars of the 80 % bands, from–to. */
  readonly doubts: readonly (readonly [number, number])[];
}

/** One text on the picture. */
export interface PictureLabel extends PlacedLabel {
  readonly text: string;
  readonly style: 'name' | 'time' | 'best' | 'node' | 'nodeNext';
}

/** A service’s tent on the ruler; services too near each other stand under one. */
export interface Tent {
  readonly x: number;
  readonly width: number;
  readonly text: string;
  /** One sentence for each service under it. */
  readonly title: string;
  /** True where none of its services has a plan. */
  readonly open: boolean;
}

/** Everything the home picture draws. */
export interface Picture {
  readonly frame: Frame;
  /** The shop’s now, UTC ms. */
  readonly nowMs: number;
  readonly scale: TimeScale;
  /** What the lanes of this picture are searched for. */
  readonly question: LaneQuestion;
  /** Height of the whole picture, px. */
  readonly height: number;
  readonly rafts: readonly Raft[];
  readonly stays: readonly PlacedStay[];
  /** Factor on every width. */
  readonly k: number;
  readonly bands: readonly BandBox[];
  readonly shapes: readonly {
    readonly stay: PlacedStay;
    readonly strand: Strand;
  }[];
  readonly channels: readonly Channel[];
  readonly discs: readonly Disc[];
  readonly brackets: readonly Bracket[];
  readonly labels: readonly PictureLabel[];
  readonly ticks: readonly Tick[];
  readonly days: readonly DayMark[];
  readonly tents: readonly Tent[];
}
