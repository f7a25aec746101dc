import { Button } from 'react-aria-components';
import { styled } from 'styled-components';

/** A button that can be hit with a thumb. `data-kind` is main, plain or alarm; `data-large` is for the bench. */
export const Press = styled(Button)`
  min-height: 44px;
  padding: 0.4rem 1rem;
  border-radius: 4px;
  border: 1.5px solid ${({ theme }) => theme.blue};
  background: ${({ theme }) => theme.sheet};
  color: ${({ theme }) => theme.blue};
  font-family: ${({ theme }) => theme.label};
  font-weight: 600;
  font-size: 1.05rem;
  cursor: pointer;
  text-align: center;
  &[data-kind='main'] {
    background: ${({ theme }) => theme.blue};
    color: #fff;
  }
  &[data-kind='alarm'] {
    border-color: ${({ theme }) => theme.alarm};
    color: ${({ theme }) => theme.alarm};
  }
  &[data-large] {
    min-height: 56px;
    font-size: 1.2rem;
    padding: 0.5rem 1.3rem;
  }
  &[data-hovered] {
    text-decoration: underline;
    text-underline-offset: 3px;
  }
  &[data-pressed] {
    transform: translateY(1px);
  }
  &[data-disabled] {
    opacity: 0.55;
    cursor: default;
  }
`;
