// Rules of this house that no linter brings along.

/** What is read on a screen has the apostrophe of print; asked of pieces of sentences too. */
const TYPEWRITTEN = /(^|[a-z])'(s|t|re|ll|ve|d)\b/;

const COLOUR = /^#[0-9a-fA-F]{3,8}$/;

const apostrophe = {
  create: (context) => {
    const look = (node, text) => {
      if (typeof text === 'string' && TYPEWRITTEN.test(text))
        context.report({ node, message: 'An apostrophe is ’.' });
    };
    return {
      Literal: (node) => look(node, node.value),
      TemplateElement: (node) => look(node, node.value.raw),
      JSXText: (node) => look(node, node.value),
    };
  },
};

/** Colours and fonts live in kit: a screen that names one has wandered off. */
const theme = {
  create: (context) => ({
    Literal: (node) => {
      if (typeof node.value === 'string' && COLOUR.test(node.value))
        context.report({ node, message: 'Colours come from the theme.' });
    },
    Property: (node) => {
      if (node.key.name === 'fontFamily') context.report({ node, message: 'Fonts come from kit.' });
    },
  }),
};

export default { meta: { name: 'house' }, rules: { apostrophe, theme } };
