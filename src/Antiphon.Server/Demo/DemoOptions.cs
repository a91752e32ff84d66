namespace Antiphon.Server.Demo;

/// <summary>The demo scenario, section "Demo".</summary>
internal sealed class DemoOptions
{
    /// <summary>Fills an empty database with the scenario. Default false.</summary>
    public bool Enabled { get; set; }

    /// <summary>Address of Quillmoor's website, with trailing slash.</summary>
    public string Website { get; set; } = "http://127.0.0.1:5081/";

    /// <summary>Address of the rest of the world, with trailing slash.</summary>
    public string World { get; set; } = "http://127.0.0.1:5082/";
}
