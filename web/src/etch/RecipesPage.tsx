import { useState } from 'react';
import { Link } from 'react-router';
import { change } from '../api/client';
import type { EtchBookView, EtchRecipeView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Fold } from '../parts/Fold';
import { PickFile } from '../parts/PickFile';
import { Picture, Pictures } from '../parts/Pictures';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Panel, Quiet, Row } from '../parts/Sheet';
import { moment } from '../parts/words';
import { Swatch } from './Etch.styles';
import { RecipeForm } from './RecipeForm';
import { toneColour } from '../blade/tone';
import { useEtchBook } from './useTank';

/** The book of recipes: those that are common practice, the shop's own, and what came of each. */
export default function RecipesPage() {
  const { data } = useEtchBook();
  const { problem, isBusy, run } = useCaught();
  if (!data) {
    return <Quiet>One moment…</Quiet>;
  }
  return (
    <>
      <Row>
        <h1>Etch recipes</h1>
        <Link to="/tank">The tank</Link>
        <PickFile
          accepts={['application/json', '.json']}
          isDisabled={isBusy}
          onPicked={(file) => void run(async () => change('/api/tank/recipes/file', { text: await file.text() }))}
        >
          Take one in (JSON)
        </PickFile>
      </Row>
      <Refused problem={problem} />
      {problem?.at('file') ? <p role="alert">{problem.at('file')}</p> : null}
      {data.recipes.map((recipe) => (
        <Recipe key={`${recipe.key} ${recipe.version}`} recipe={recipe} book={data} />
      ))}
    </>
  );
}

function Recipe({ recipe, book }: { recipe: EtchRecipeView; book: EtchBookView }) {
  const [how, write] = useState<'' | 'copy' | 'change'>('');
  const { problem, isBusy, run } = useCaught();
  const isOwn = recipe.version > 0;
  const id = recipe.key.replace(/^own:/, '');
  return (
    <Fold
      title={recipe.name}
      comesTo={`${recipe.cycles}. ${recipe.finishes.join(', ')}; ${recipe.steel}. ${recipe.origin}`}
    >
      <ol>
        {recipe.lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ol>
      <Quiet>{recipe.origin}</Quiet>
      {how ? (
        <RecipeForm
          book={book}
          address={how === 'change' ? `/api/tank/recipes/${id}` : '/api/tank/recipes'}
          entries={{
            ...recipe.entries,
            name: how === 'copy' ? `${recipe.name}, ours` : recipe.entries.name,
            copiedFrom: how === 'copy' ? recipe.key : '',
            basedOn: how === 'change' ? recipe.version : 0,
          }}
          onDone={() => write('')}
        />
      ) : (
        <Row>
          <Press onPress={() => write('copy')}>Copy it</Press>
          {isOwn ? <Press onPress={() => write('change')}>Change it</Press> : null}
          {isOwn ? (
            <Press
              data-kind="alarm"
              isDisabled={isBusy}
              onPress={() => void run(() => change(`/api/tank/recipes/${id}/drop`))}
            >
              Strike it out
            </Press>
          ) : null}
          <a href={`/api/tank/recipes/${recipe.key}/files/recipe.json`} download>
            As a file (JSON)
          </a>
        </Row>
      )}
      <Refused problem={problem} />
      {recipe.versions.length > 1
        ? recipe.versions.map((version) => (
            <Quiet key={version.version}>
              Version {version.version}: {version.words}. {version.by}, {moment(version.atMillis)}
            </Quiet>
          ))
        : null}
      <Results recipe={recipe} />
    </Fold>
  );
}

function Results({ recipe }: { recipe: EtchRecipeView }) {
  return recipe.results.length === 0 ? null : (
    <Panel aria-label={`What came of ${recipe.name}`}>
      <h3>What came of it</h3>
      {recipe.results.map((result) => (
        <Row key={`${result.piece} ${result.words}`}>
          <Swatch
            style={{ background: toneColour(result.darkness) }}
            role="img"
            aria-label="How dark this steel usually comes out"
          />
          {result.photo > 0 ? (
            <Pictures>
              <Picture path={`/api/photos/${result.photo}`} alt={`${result.pieceName} as it was etched`}>
                {result.pieceName}
              </Picture>
            </Pictures>
          ) : null}
          <span>
            <Link to={`/pieces/${result.piece}`}>{result.pieceName}</Link>, <b>{result.rating}</b>
            <br />
            {result.words}
            <br />
            <small>
              {result.bath}, {result.factor} times the fresh time
            </small>
          </span>
        </Row>
      ))}
    </Panel>
  );
}
