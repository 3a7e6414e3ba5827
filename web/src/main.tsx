import '@fontsource/newsreader/latin-400-italic.css';
import '@fontsource/newsreader/latin-500.css';
import '@fontsource/source-sans-3/latin-400.css';
import '@fontsource/source-sans-3/latin-600.css';
import './app/global.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { RouterProvider } from 'react-router/dom';
import { createRouter } from './app/router.js';
import { createStore } from './app/store.js';

const root = document.getElementById('root');
if (!root) throw new Error('index.html: expected an element with the id "root".');
createRoot(root).render(
  <StrictMode>
    <Provider store={createStore()}>
      <RouterProvider router={createRouter()} />
    </Provider>
  </StrictMode>,
);
