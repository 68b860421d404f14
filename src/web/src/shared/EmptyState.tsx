import { Box, Button, Typography } from '@mui/material';
import { Link } from 'react-router';

/** What a room says when there is nothing in it, and the way on. */
export function EmptyState({
  title,
  text,
  to,
  action,
}: {
  title: string;
  text: string;
  to: string;
  action: string;
}) {
  return (
    <Box sx={{ py: 6, px: 2, textAlign: 'center', maxWidth: 480, mx: 'auto' }}>
      <Box component="img" src="/drop.svg" alt="" sx={{ width: 64, height: 64, mb: 2 }} />
      <Typography variant="h1" gutterBottom>
        {title}
      </Typography>
      <Typography sx={{ mb: 2 }}>{text}</Typography>
      <Button component={Link} to={to} variant="contained">
        {action}
      </Button>
    </Box>
  );
}
