/** The first thing of one whose password was set by somebody else: a password of their own. */
import { Box } from '@chakra-ui/react';
import { Navigate } from 'react-router';
import { Notice } from '../kit/Notice.js';
import { useMe } from '../kit/shell/Shell.js';
import { OwnPassword } from './OwnPassword.js';

export default function NewPasswordPage() {
  const me = useMe();
  if (me.data && !me.data.mustChangePassword) return <Navigate to="/lessons" replace />;
  return (
    <Box maxW="28rem" mx="auto" display="grid" gap="4">
      <Notice tone="look">
        The password you signed in with was set by somebody else. Choose one of your own; then everything is
        open to you.
      </Notice>
      <OwnPassword />
    </Box>
  );
}
