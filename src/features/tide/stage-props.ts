import type { Moment, TideView } from '@/server/tide';
import type { HandsActions } from '@/ui/hands/actions';
import type { useFrame } from './use-frame';

/** What the stage of the Tide shows, and what is done on it. */
export interface StageProps {
  view: TideView;
  nowMs: number;
  framed: ReturnType<typeof useFrame>;
  lit: string | null;
  onLit: (lotId: string | null) => void;
  chosen: string | null;
  panMs: number;
  onPan: (panMs: number) => void;
  onMoment: (momentRef: string) => void;
  onMove: (moment: Moment, atMs: number) => void;
  actions: Pick<HandsActions, 'setDemoRate' | 'moveFacts'>;
  problem: string | null;
  onProblemSeen: () => void;
}
