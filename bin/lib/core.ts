// bin/core OPERATION < request.json > answer.json
import { readFileSync } from 'node:fs';
import { z } from '@/core/parse';
import { DomainError } from '@/core/units';
import { CORE_OPERATIONS } from '@/shop/questions/core-requests';

function refuse(code: string, sentence: string): never {
  process.stderr.write(`${JSON.stringify({ error: { code, sentence } })}\n`);
  process.exit(1);
}

const operation = process.argv[2] ?? '';
const run = CORE_OPERATIONS[operation];
if (run === undefined) {
  const known = Object.keys(CORE_OPERATIONS).join(', ');
  refuse('operation-unknown', `Operation: “${operation}” is not known. Allowed: ${known}.`);
}
let request: unknown;
try {
  request = JSON.parse(readFileSync(0, 'utf8'));
} catch {
  refuse('not-json', 'Request: standard input is not JSON.');
}
try {
  process.stdout.write(`${JSON.stringify(run(request), null, 2)}\n`);
} catch (error) {
  if (error instanceof DomainError) refuse(error.code, error.message);
  if (error instanceof z.ZodError) {
    refuse(
      'request-invalid',
      error.issues.map((issue) => `${issue.path.join('.')}: ${issue.message}`).join(' '),
    );
  }
  throw error;
}
