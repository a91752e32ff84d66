using Microsoft.AspNetCore.Identity;

namespace Antiphon.Data.Accounts;

/// <summary>Somebody who can sign in. The user name is the mail address.</summary>
public sealed class Person : IdentityUser<long>
{
    /// <summary>Name shown to colleagues and beside answers.</summary>
    public string DisplayName { get; set; } = string.Empty;

    /// <summary>Primary subtag of the language their workplace last spoke; null before it did.</summary>
    public string? Language { get; set; }
}
