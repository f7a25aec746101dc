import { styled } from 'styled-components';
import type { PieceView } from '../api/schema';
import { Files } from '../parts/Files';
import { useWidth } from '../parts/useWidth';
import { Silhouette } from '../blade/Silhouette';

const Blue = styled.figure`
  margin: 0;
  background: ${({ theme }) => theme.blue};
  color: ${({ theme }) => theme.scribe};
  border-radius: 4px;
  padding: 2.1rem 1.5rem 0.9rem;
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 0.4rem;
  @media print {
    print-color-adjust: exact;
  }
`;

const Frame = styled.div`
  position: relative;
  max-width: 100%;
`;

const Across = styled.div`
  display: flex;
  font-family: ${({ theme }) => theme.label};
  font-variant-numeric: tabular-nums;
  font-size: 0.95rem;
  > span {
    min-width: 0;
    border-top: 1px solid ${({ theme }) => theme.scribeQuiet};
    text-align: center;
    padding-top: 0.1rem;
    position: relative;
    white-space: nowrap;
    @media (max-width: 620px) {
      white-space: normal;
    }
  }
  > span::before,
  > span::after {
    content: '×';
    position: absolute;
    top: -0.82em;
    line-height: 1.5;
  }
  > span::before {
    left: -0.25em;
  }
  > span::after {
    right: -0.25em;
  }
`;

const WIDTH = 860;
/** Of the page and of the figure, on both sides. */
const AROUND = 90;
const HEIGHT = 230;
const LARGEST_SCALE = 3.2;

/** The knife in layout blue with its main sizes scribed beside it. */
export function Drawn({ piece }: { piece: PieceView }) {
  const { drawing } = piece.knife;
  const wide = Math.min(WIDTH, useWidth() - AROUND);
  const scale = Math.min(LARGEST_SCALE, wide / drawing.width, HEIGHT / drawing.height);
  const words = (field: string): string => piece.knife.specification.find((line) => line.field === field)?.words ?? '';
  const kept = (field: string): string => piece.knife.specification.find((line) => line.field === field)?.kept ?? '';
  const px = (millimetres: number): string => `${millimetres * scale}px`;
  return (
    <>
      <Blue>
        <Frame>
          <Silhouette
            drawing={drawing}
            state={piece.now.state}
            finish={kept('finish')}
            material={kept('handleMaterial')}
            scale={scale}
            label={`Drawing of ${piece.name}, ${piece.now.stateWords}`}
          />
        </Frame>
        <Across style={{ inlineSize: px(drawing.width), paddingInlineStart: px(drawing.buttX - drawing.minX) }}>
          <span style={{ inlineSize: px(-drawing.buttX) }}>
            {words('haftLength') ? `haft ${words('haftLength')} in all` : `handle ${words('handleLength')}`}
          </span>
          <span style={{ inlineSize: px(drawing.pointX) }}>
            {words('headLength')
              ? `edge ${words('edgeLength')}, head ${words('headLength')}, ${words('steel')}`
              : `blade ${words('bladeLength')}, ${words('heelWidth')} at the heel, from ${words('stockThickness')} ${words('steel')}`}
          </span>
        </Across>
      </Blue>
      <div data-no-print>
        <Files base={`/api/pieces/${piece.id}/files`} />
      </div>
    </>
  );
}
