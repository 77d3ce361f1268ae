import { whatIf, type WhatIfAnswer, type WhatIfBase, type WhatIfHandles } from '@/core/forecast';
import { DomainError } from '@/core/units';

/** A question to the worker. */
export interface WhatIfQuestion {
  readonly id: number;
  readonly base: WhatIfBase;
  readonly handles: WhatIfHandles;
}

/** Its answer; null when the core refused the question. */
export interface WhatIfReply {
  readonly id: number;
  readonly answer: WhatIfAnswer | null;
}

function answered(question: WhatIfQuestion): WhatIfAnswer | null {
  try {
    return whatIf(question.base, question.handles);
  } catch (error) {
    if (error instanceof DomainError) return null;
    throw error;
  }
}

self.addEventListener('message', (event: MessageEvent<WhatIfQuestion>) => {
  const reply: WhatIfReply = { id: event.data.id, answer: answered(event.data) };
  self.postMessage(reply);
});
