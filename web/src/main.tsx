import '@fontsource/newsreader/latin-400-italic.css';
import '@fontsource/newsreader/latin-500.css';
import '@fontsource/source-sans-3/latin-400.css';
import '@fontsource/source-sans-3/latin-600.css';
import './theme/tokens.css';
import './theme/page.css';
import { StyledEngineProvider, ThemeProvider } from '@mui/material/styles';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { RouterProvider } from 'react-router/dom';
import { config } from 'zod/v4/core';
import { createRouter } from './app/router.js';
import { createStore } from './app/store.js';
import { theme } from './theme/theme.js';

// Schemas are not compiled at run time: our own content security policy forbids it.
config({ jitless: true });

const root = document.getElementById('root');
if (!root) throw new Error('index.html: expected an element with the id "root".');
createRoot(root).render(
  <StrictMode>
    {/* What stands beside a component overrides the library's own. */}
    <StyledEngineProvider injectFirst>
      <ThemeProvider theme={theme}>
        <Provider store={createStore()}>
          <RouterProvider router={createRouter()} />
        </Provider>
      </ThemeProvider>
    </StyledEngineProvider>
  </StrictMode>,
);
