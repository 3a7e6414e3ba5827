import type { HandoutBody } from '@nadir/contract';
import { useState } from 'react';
import { useHandOutMutation } from '../../api/api.js';
import { callError, errorSentence } from '../../api/call-error.js';
import { bytesOf } from '../../components/base64.js';
import { download } from '../../components/download-json.js';
import * as wording from './wording.js';

/** Makes a handout on the server, and gives it to the browser as a file. */
export function useHandout(id: string): {
  make: (body: HandoutBody) => Promise<void>;
  /** The form that is being made. */
  making: HandoutBody['form'] | undefined;
  problem: string | undefined;
} {
  const [handOut] = useHandOutMutation();
  const [making, setMaking] = useState<HandoutBody['form']>();
  const [problem, setProblem] = useState<string>();

  async function make(body: HandoutBody) {
    setMaking(body.form);
    setProblem(undefined);
    const { data, error } = await handOut({ id, ...body });
    if (data === undefined) {
      const failed = callError(error);
      setProblem(failed ? errorSentence(failed) : wording.theFileCouldNotBeMade);
    } else {
      download(data.name, new Blob([bytesOf(data.base64)], { type: data.type }));
    }
    setMaking(undefined);
  }

  return { make, making, problem };
}
