import { useRef, useState } from 'react';
import { styled } from 'styled-components';
import { change, upload } from '../api/client';
import type { PieceView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { moment } from '../parts/words';

const Pictures = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  figure { margin: 0; width: 190px; }
  img { width: 190px; height: 130px; object-fit: cover; display: block; border: 1px solid ${({ theme }) => theme.line}; }
  figcaption { font-size: 0.88rem; color: ${({ theme }) => theme.quiet}; }
`;

/** Notes and photographs; at the bench they belong to the step. */
export function Notes({ piece, operation = '' }: { piece: PieceView; operation?: string }) {
  const [words, setWords] = useState('');
  const file = useRef<HTMLInputElement>(null);
  const { problem, isBusy, run } = useCaught();
  const write = () =>
    void run(async () => {
      await change(`/api/pieces/${piece.id}/notes`, { operation, words });
      setWords('');
    });
  const photograph = (picked: File | undefined) => {
    if (picked) {
      const form = new FormData();
      form.append('photo', picked);
      form.append('operation', operation);
      void run(() => upload(`/api/pieces/${piece.id}/photos`, form));
    }
  };
  const title = (key: string): string => piece.steps.find((step) => step.operation === key)?.title ?? '';
  return (
    <Panel aria-label="Notes and photographs">
      <h2>Notes and photographs</h2>
      {piece.notes.map((note) => (
        <div key={note.id}>
          <p>{note.words}</p>
          <Row>
            <Quiet>
              {note.by}, {moment(note.atMillis)}
              {note.operation ? `, at “${title(note.operation)}”` : ''}
            </Quiet>
            <Press onPress={() => void run(() => change(`/api/pieces/${piece.id}/notes/${note.id}/strike`))}>Strike out</Press>
          </Row>
        </div>
      ))}
      <Pictures>
        {piece.photos.map((photo) => (
          <figure key={photo.id}>
            <a href={`/api/photos/${photo.id}/original`} target="_blank" rel="noreferrer">
              <img src={`/api/photos/${photo.id}/thumbnail`} alt={`${photo.fileName}, by ${photo.by}`} loading="lazy" />
            </a>
            <figcaption>
              {photo.by}, {moment(photo.atMillis)}
            </figcaption>
          </figure>
        ))}
      </Pictures>
      <Entry label="New note" value={words} onChange={setWords} lines problem={problem?.at('words')} />
      <Row>
        <Press isDisabled={isBusy} onPress={write}>
          Write it down
        </Press>
        <Press isDisabled={isBusy} onPress={() => file.current?.click()}>
          Take a photograph
        </Press>
        <input ref={file} type="file" accept="image/*" hidden aria-label="Photograph" onChange={(event) => photograph(event.target.files?.[0])} />
      </Row>
      {problem && !problem.at('words') ? <Trouble role="alert">{problem.message}</Trouble> : null}
    </Panel>
  );
}
