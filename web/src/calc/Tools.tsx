import { useQuery } from '@tanstack/react-query';
import { styled } from 'styled-components';
import { read } from '../api/client';
import type { StepView, ToolView } from '../api/schema';
import { CalculatorPanel, Grid } from './CalculatorPanel';

const Section = styled.section`
  h2 {
    margin-bottom: 0.6rem;
  }
`;

interface ToolsProps {
  station: StepView['station'];
  /** By whose numbers they are fed; without one they stand empty. */
  piece?: number;
}

/** The calculators of a station: first those that the numbers of the piece at hand have worked out. */
export function Tools({ station, piece = 0 }: ToolsProps) {
  const { data } = useQuery({
    queryKey: ['piece', piece, 'tools', station],
    queryFn: () => read<ToolView[]>(`/api/calc/at/${station}?piece=${piece}`),
  });
  return data && data.length > 0 ? (
    <Section aria-label="Tools">
      <h2>Tools</h2>
      <Grid>
        {data.map(({ calculator, answer }) => (
          <CalculatorPanel
            key={`${piece} ${calculator.name} ${JSON.stringify(answer?.understood)}`}
            calculator={calculator}
            known={answer}
          />
        ))}
      </Grid>
    </Section>
  ) : null;
}
