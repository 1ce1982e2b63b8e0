import { act, render, screen } from '@testing-library/react';
import { Component, type ReactNode } from 'react';

import { laterPart } from './later';

interface Caught {
  readonly wrong: boolean;
}
/** A page's boundary: what went wrong, and another try. */
class Boundary extends Component<{ readonly children: ReactNode }, Caught> {
  override state: Caught = { wrong: false };
  static getDerivedStateFromError = (): Caught => ({ wrong: true });
  override render() {
    return this.state.wrong ? (
      <button onClick={() => this.setState({ wrong: false })}>Try again</button>
    ) : (
      this.props.children
    );
  }
}

const Jar = ({ name }: { readonly name: string }) => <p>{name} is there</p>;

describe('a part that is fetched late', () => {
  it('is nothing until it has come, then there at once, and fetched no more', async () => {
    let comes: (part: typeof Jar) => void = () => undefined;
    const load = jest.fn(() => new Promise<typeof Jar>((resolve) => (comes = resolve)));
    const Late = laterPart(load);
    const { unmount } = render(<Late name="Tern" />);
    expect(screen.queryByText('Tern is there')).toBeNull();
    await act(async () => {
      comes(Jar);
      await Promise.resolve();
    });
    expect(screen.getByText('Tern is there')).toBeVisible();
    unmount();
    render(<Late name="Grebe" />);
    expect(screen.getByText('Grebe is there')).toBeVisible();
    expect(load).toHaveBeenCalledTimes(1);
  });

  it('that did not come is told to the page, whose next try fetches it again', async () => {
    // React says to the console what a boundary caught.
    jest.mocked(console.error).mockImplementation(() => undefined);
    const load = jest.fn<Promise<typeof Jar>, []>(() => Promise.reject(new Error('gone')));
    const Late = laterPart(load);
    render(
      <Boundary>
        <Late name="Tern" />
      </Boundary>,
    );
    const again = await screen.findByRole('button', { name: 'Try again' });
    load.mockResolvedValue(Jar);
    await act(async () => {
      again.click();
      await Promise.resolve();
    });
    expect(await screen.findByText('Tern is there')).toBeVisible();
  });
});
