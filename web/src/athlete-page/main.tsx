import '@fontsource/newsreader/latin-400-italic.css';
import '@fontsource/newsreader/latin-500.css';
import '@fontsource/source-sans-3/latin-400.css';
import '@fontsource/source-sans-3/latin-600.css';
import '@fontsource/source-sans-3/latin-ext-400.css';
import '@fontsource/source-sans-3/latin-ext-600.css';
import '../theme/tokens.css';
import '../theme/page.css';
import { StyledEngineProvider, ThemeProvider } from '@mui/material/styles';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { config } from 'zod/v4/core';
import { keepFocus } from '../components/keep-focus.js';
import { theme } from '../theme/theme.js';
import { LinkedPage } from './LinkedPage.js';

// Schemas are not compiled at run time: our own content security policy forbids it.
config({ jitless: true });

const root = document.getElementById('root');
if (!root) throw new Error('index.html: expected an element with the id "root".');
keepFocus(document.body);
createRoot(root).render(
  <StrictMode>
    <StyledEngineProvider injectFirst>
      <ThemeProvider theme={theme}>
        <LinkedPage />
      </ThemeProvider>
    </StyledEngineProvider>
  </StrictMode>,
);

// Where what is put on the home screen has a memory of its own, it begins at the address it
// was added at, with the link in it: the manifest would have it begin without.
if ('standalone' in navigator) document.querySelector('link[rel=manifest]')?.remove();

if ('serviceWorker' in navigator && import.meta.env.PROD) {
  void navigator.serviceWorker.register('/a/offline.js', { scope: '/a/' });
}
