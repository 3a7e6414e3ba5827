import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { ThemeProvider, createTheme } from '@mui/material/styles';
import { configureStore } from '@reduxjs/toolkit';
import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { createBrowserRouter } from 'react-router';
import { RouterProvider } from 'react-router/dom';

/** A page with the same libraries and nothing of ours: a theme, a route, a store with a query, two components. */
const api = createApi({
  baseQuery: fetchBaseQuery({ baseUrl: '/api' }),
  endpoints: (build) => ({ squad: build.query<unknown, void>({ query: () => 'squad' }) }),
});
const store = configureStore({
  reducer: { [api.reducerPath]: api.reducer },
  middleware: (defaults) => defaults().concat(api.middleware),
});

function Page() {
  const { data, refetch } = api.useSquadQuery();
  return (
    <>
      <Alert severity="info">{JSON.stringify(data)}</Alert>
      <Button variant="contained" onClick={() => void refetch()}>
        Again
      </Button>
    </>
  );
}

const router = createBrowserRouter([{ path: '/', element: <Page /> }]);
const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <ThemeProvider theme={createTheme()}>
      <Provider store={store}>
        <RouterProvider router={router} />
      </Provider>
    </ThemeProvider>,
  );
}
