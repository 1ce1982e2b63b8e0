// Written by scripts/routes.mjs from the folder app.
import 'expo-router';

/** The addresses of the application's pages. */
type Address =
  | `/`
  | `/add`
  | `/away`
  | `/charts`
  | `/compare`
  | `/devices`
  | `/dough`
  | `/help`
  | `/jar/${string}/edit`
  | `/jar/${string}/feed`
  | `/jar/${string}/levain`
  | `/jar/${string}/paper`
  | `/jar/${string}/picture`
  | `/jar/${string}/programme`
  | `/jar/${string}`
  | `/journal`
  | `/larder`
  | `/licences`
  | `/make`
  | `/notes`
  | `/plan`
  | `/practise`
  | `/schools`
  | `/settings`
  | `/start`
  | `/trouble`
  | `/what-if`
  | `/year`;

type Followed = Address | `${Address}?${string}` | `${Address}#${string}`;

/** A page, and what stands behind the ? of its address. */
interface Page {
  pathname: Address;
  params: Record<string, string | undefined>;
}

declare module 'expo-router' {
  export namespace ExpoRouter {
    interface __routes {
      href: Followed | Page;
      hrefInputParams: Page;
    }
  }
}
