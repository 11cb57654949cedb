<h1>Zealous Quill</h1>
