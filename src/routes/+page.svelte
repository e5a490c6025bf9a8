<h1>Tomble</h1>
