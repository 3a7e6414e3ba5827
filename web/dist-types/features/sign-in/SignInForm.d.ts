export declare function SignInForm(): import('react').JSX.Element;
