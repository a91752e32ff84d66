namespace Antiphon.Server.Demo.Scenario;

/// <summary>Who can sign in to the demo.</summary>
internal static class DemoPeople
{
    /// <summary>Password of everybody.</summary>
    public const string Password = "clear-nights";

    /// <summary>The owner's token for scripts.</summary>
    public const string Token = "demo-token";

    /// <summary>Owner.</summary>
    public const string Imogen = "imogen@quillmoor.example";

    /// <summary>Editor.</summary>
    public const string Dov = "dov@quillmoor.example";

    /// <summary>Moderator.</summary>
    public const string Priya = "priya@quillmoor.example";
}
