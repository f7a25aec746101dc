import { useQuery } from '@tanstack/react-query';
import { read } from '../api/client';
import type { CalculatorView } from '../api/schema';
import { Quiet } from '../parts/Sheet';
import { CalculatorPanel, Grid } from './CalculatorPanel';

/** The shop's calculators, each with its working. */
export default function Calculate() {
  const { data } = useQuery({ queryKey: ['calculators'], queryFn: () => read<CalculatorView[]>('/api/calc') });
  return (
    <>
      <h1>Calculate</h1>
      <Quiet>
        Write sizes as you would on the steel: 3/16, .163, 163 thou, 4.2 mm, 1-1/2 in, #28, letter F; threads as 6-32,
        1/4-20 or M5.
      </Quiet>
      <Grid>
        {data?.map((calculator) => (
          <CalculatorPanel key={calculator.name} calculator={calculator} />
        ))}
      </Grid>
    </>
  );
}
