<p>Blank</p>
