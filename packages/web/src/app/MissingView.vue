<template>
  <div class="page">
    <h1>Not here</h1>
    <p>There is no page at this address. <RouterLink to="/parts">Go to the parts</RouterLink>.</p>
  </div>
</template>
