import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { styled } from 'styled-components';
import { read } from '../api/client';
import type { StepView, ToolView } from '../api/schema';
import { Press } from '../parts/Press';
import { Row } from '../parts/Sheet';
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
  /** Whether they wait behind a button: where the step itself says the numbers that it needs. */
  isFolded?: boolean;
}

/** The calculators of a station: first those that the numbers of the piece at hand have worked out. */
export function Tools({ station, piece = 0, isFolded = false }: ToolsProps) {
  const { data } = useQuery({
    queryKey: ['piece', piece, 'tools', station],
    queryFn: () => read<ToolView[]>(`/api/calc/at/${station}?piece=${piece}`),
  });
  const [isOpen, setOpen] = useState(!isFolded);
  if (!data || data.length === 0) {
    return null;
  }
  return isOpen ? (
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
  ) : (
    <Row>
      <Press onPress={() => setOpen(true)}>Tools of this station</Press>
    </Row>
  );
}
