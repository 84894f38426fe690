// What is not written here, by its shape: a rule of the house is a selector and the sentence that says what to do instead.
const restrictedSyntax = {
  meta: {
    type: 'problem',
    schema: { type: 'array', items: { type: 'object', required: ['selector', 'message'] } },
  },
  create(context) {
    return Object.fromEntries(
      context.options.map(({ selector, message }) => [selector, (node) => context.report({ node, message })]),
    );
  },
};

export default { meta: { name: 'house' }, rules: { 'restricted-syntax': restrictedSyntax } };
