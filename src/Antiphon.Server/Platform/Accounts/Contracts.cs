namespace Antiphon.Server.Platform.Accounts;

/// <summary>Who is signed in and what the next changing request must carry.</summary>
/// <param name="NeedsSetup">True while the installation has no owner; the setup screen comes first.</param>
/// <param name="Person">The person, or null when nobody is signed in.</param>
/// <param name="AntiforgeryToken">Value of the X-Antiphon-Antiforgery header; changes when somebody signs in or
/// out.</param>
internal sealed record SessionView(bool NeedsSetup, PersonView? Person, string AntiforgeryToken);

/// <summary>A person as colleagues see them.</summary>
internal sealed record PersonView(long Id, string Name, string Mail);

/// <summary>Mail and password.</summary>
internal sealed record SignInRequest(string Mail, string Password);

/// <summary>The first owner of an empty installation.</summary>
/// <param name="Name">Name, as colleagues know them.</param>
/// <param name="Mail">Address to sign in with.</param>
/// <param name="Password">Password.</param>
/// <param name="Key">The set-up key from the server's log.</param>
internal sealed record SetupRequest(string Name, string Mail, string Password, string Key);

/// <summary>A token as its owner sees it later: without its value.</summary>
internal sealed record TokenView(long Id, string Name, DateTimeOffset CreatedAt, DateTimeOffset? LastUsedAt);

/// <summary>What the token is for.</summary>
internal sealed record NewTokenRequest(string Name);

/// <summary>A new token; its value is shown this once.</summary>
internal sealed record NewTokenView(long Id, string Name, string Token);
