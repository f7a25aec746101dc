import { Label, Slider, SliderThumb, SliderTrack } from 'react-aria-components';
import { styled } from 'styled-components';

/** A drawing on layout blue with its cut beside it; one below the other where it is narrow. */
export const ScribedField = styled.div`
  background: ${({ theme }) => theme.blue};
  color: ${({ theme }) => theme.scribe};
  border-radius: 4px;
  padding: 1rem;
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 1rem;
  align-items: center;
  @media (max-width: 700px) {
    grid-template-columns: minmax(0, 1fr);
  }
  > div > svg {
    width: 100%;
    touch-action: none;
    cursor: crosshair;
  }
  > div > svg path {
    vector-effect: non-scaling-stroke;
    fill: none;
    stroke: ${({ theme }) => theme.scribe};
    stroke-width: 1.3px;
  }
  > div > svg line {
    vector-effect: non-scaling-stroke;
    stroke: #ffd98a;
    stroke-width: 2px;
  }
`;

const Rail = styled(Slider)`
  margin-top: 0.6rem;
  .track {
    height: 44px;
    position: relative;
    width: 100%;
  }
  .track::before {
    content: '';
    position: absolute;
    inset: 20px 0;
    background: ${({ theme }) => theme.scribeQuiet};
  }
  .thumb {
    top: 50%;
    width: 30px;
    height: 30px;
    border-radius: 50%;
    background: ${({ theme }) => theme.manila};
    border: 2px solid #fff;
  }
  .thumb[data-focus-visible] {
    outline: 3px solid ${({ theme }) => theme.focus};
  }
`;

interface AlongRailProps {
  label: string;
  /** Share of the way, zero to one. */
  share: number;
  onChange: (share: number) => void;
}

/** A place along a drawing, by finger or by key. */
export function AlongRail({ label, share, onChange }: AlongRailProps) {
  return (
    <Rail value={share} minValue={0} maxValue={1} step={0.01} onChange={(value) => onChange(value as number)}>
      <Label>{label}</Label>
      <SliderTrack className="track">
        <SliderThumb className="thumb" />
      </SliderTrack>
    </Rail>
  );
}
