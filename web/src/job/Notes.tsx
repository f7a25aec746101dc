import { useState } from 'react';
import { usePerson } from '../access/useSession';
import { change } from '../api/client';
import type { PieceView } from '../api/schema';
import { sendOrKeep } from '../live/unsent';
import { useCaught } from '../parts/Caught';
import { fieldOf } from '../parts/drafts';
import { Entry } from '../parts/Entry';
import { PICTURES, PickFile } from '../parts/PickFile';
import { Picture, Pictures } from '../parts/Pictures';
import { Press } from '../parts/Press';
import { Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { Tick } from '../parts/Tick';
import { moment } from '../parts/words';

const NOTE = 'New note';

/** Notes and photographs; at the bench they belong to the step. */
export function Notes({ piece, operation = '' }: { piece: PieceView; operation?: string }) {
  const person = usePerson();
  const [words, setWords] = useState('');
  const [isLesson, setLesson] = useState(false);
  const [arrived, setArrived] = useState<string[]>([]);
  const { problem, isBusy, run } = useCaught();
  const write = () =>
    void run(async () => {
      await sendOrKeep({
        person: person.id,
        path: `/api/pieces/${piece.id}/notes`,
        what: { operation, words, isLesson },
        words: `Note on ${piece.name}: ${words}`,
        typed: [{ field: fieldOf('', NOTE), text: words }],
      });
      setWords('');
      setLesson(false);
    });
  /** The server answers only once the picture lies whole in the data file, and says how large it is. */
  const photograph = (picture: File) =>
    void run(async () => {
      const size = `${picture.name} (${Math.max(1, Math.round(picture.size / 1024))} kB)`;
      const hasArrived = await sendOrKeep({
        person: person.id,
        path: `/api/pieces/${piece.id}/photos`,
        what: { operation },
        picture,
        words: `Photograph for ${piece.name}: ${size}`,
      });
      if (hasArrived) {
        setArrived((before) => [...before, size]);
      }
    });
  const title = (key: string): string => piece.steps.find((step) => step.operation === key)?.title ?? '';
  return (
    <Panel aria-label="Notes and photographs">
      <h2>Notes and photographs</h2>
      {piece.past.notes.map((note) => (
        <div key={note.id}>
          <p>
            {note.isLesson ? <strong>Lesson: </strong> : null}
            {note.words}
          </p>
          <Row>
            <Quiet>
              {note.by}, {moment(note.atMillis)}
              {note.operation ? `, at “${title(note.operation)}”` : ''}
            </Quiet>
            <Press onPress={() => void run(() => change(`/api/pieces/${piece.id}/notes/${note.id}/strike`))}>
              Strike out
            </Press>
          </Row>
        </div>
      ))}
      <Pictures>
        {piece.past.photos.map((photo) => (
          <Picture key={photo.id} path={`/api/photos/${photo.id}`} alt={`${photo.fileName}, by ${photo.by}`}>
            {photo.by}, {moment(photo.atMillis)}
          </Picture>
        ))}
      </Pictures>
      {arrived.length > 0 ? (
        <Quiet role="status">
          Arrived whole: {arrived.join(', ')}. Look at {arrived.length === 1 ? 'it' : 'each'} here before the original
          is deleted from the phone.
        </Quiet>
      ) : null}
      <Entry label={NOTE} value={words} onChange={setWords} lines problem={problem?.at('words')} />
      <Tick
        words="A lesson: offer it where the same design, steel or step comes up"
        isTicked={isLesson}
        onChange={setLesson}
      />
      <Row>
        <Press isDisabled={isBusy} onPress={write}>
          Write it down
        </Press>
        <PickFile accepts={PICTURES} isDisabled={isBusy} onPicked={photograph}>
          Take a photograph
        </PickFile>
      </Row>
      {problem && !problem.at('words') ? <Trouble role="alert">{problem.message}</Trouble> : null}
    </Panel>
  );
}
