import Button from '@mui/material/Button';
import type { GroupCardBody } from '@nadir/contract';
import { useGroupCardMutation } from '../../api/api.js';
import { callError, errorSentence } from '../../api/call-error.js';
import { bytesOf } from '../../components/base64.js';
import { download } from '../../components/download-json.js';
import * as wording from './wording.js';

/** The card of the group as a file. */
export function GroupPdf({
  card,
  onProblem,
}: {
  card: GroupCardBody;
  onProblem: (problem: string | undefined) => void;
}) {
  const [make, { isLoading }] = useGroupCardMutation();
  async function save() {
    const { data, error } = await make(card);
    const failed = callError(error);
    onProblem(failed && errorSentence(failed));
    if (data) download(data.name, new Blob([bytesOf(data.base64)], { type: data.type }));
  }
  return (
    <Button variant="outlined" disabled={isLoading} onClick={() => void save()}>
      {isLoading ? wording.making : wording.downloadAsPDF}
    </Button>
  );
}
