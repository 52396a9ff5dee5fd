/** The checker of shapes is told, before it is loaded, that pages of this shop build no code from text: it would only try and be refused. */
(globalThis as { __zod_globalConfig?: { readonly jitless: boolean } }).__zod_globalConfig = { jitless: true };
