import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { read } from '../api/client';
import type { CalculatorView, ToolView } from '../api/schema';
import { useWall } from '../job/Wall';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Quiet, Row } from '../parts/Sheet';
import { CalculatorPanel, Grid } from './CalculatorPanel';

/** The shop's calculators, each with its working; fed by a piece, those that its numbers fill come first. */
export default function Calculate() {
  const [search, setSearch] = useSearchParams();
  const piece = Number(search.get('of') ?? 0);
  const [wanted, setWanted] = useState('');
  const { data: all } = useQuery({ queryKey: ['calculators'], queryFn: () => read<CalculatorView[]>('/api/calc') });
  const { data: fed } = useQuery({
    queryKey: ['piece', piece, 'tools'],
    queryFn: () => read<ToolView[]>(`/api/calc/of/${piece}`),
    enabled: piece > 0,
  });
  const { data: wall } = useWall();
  const pieces = (wall?.rails ?? []).flatMap((rail) =>
    rail.pieces.map((each) => ({ value: String(each.id), words: `${each.name} ${rail.title}` })),
  );
  const tools: readonly ToolView[] = (piece > 0 ? fed : all?.map((calculator) => ({ calculator }))) ?? [];
  const named = tools.filter(({ calculator }) => calculator.title.toLowerCase().includes(wanted.trim().toLowerCase()));
  return (
    <>
      <h1>Calculate</h1>
      <Quiet>
        Write sizes as you would on the steel: 3/16, .163, 163 thou, 4.2 mm, 1-1/2 in, #28, letter F; threads as 6-32,
        1/4-20 or M5. Press one to open it; each computes as you type.
      </Quiet>
      <Row>
        <Choice
          label="With the numbers of"
          value={piece > 0 ? String(piece) : ''}
          options={[{ value: '', words: 'no piece' }, ...pieces]}
          onChange={(value) => setSearch(value ? { of: value } : {}, { replace: true })}
        />
        <Entry label="Which one" name="wanted" value={wanted} onChange={setWanted} isPassing />
      </Row>
      <Grid>
        {named.map(({ calculator, answer }) => (
          <CalculatorPanel key={`${piece} ${calculator.name}`} calculator={calculator} known={answer} />
        ))}
      </Grid>
    </>
  );
}
