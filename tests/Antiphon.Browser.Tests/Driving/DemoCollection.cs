namespace Antiphon.Browser.Tests.Driving;

/// <summary>Stories of what goes out. They share a demo and therefore run one after the other.</summary>
[CollectionDefinition("demo")]
public sealed class DemoCollection : ICollectionFixture<DemoInstallation>;

/// <summary>The screens, and stories of what comes back. They share a second demo, beside the first.</summary>
[CollectionDefinition("another demo")]
public sealed class AnotherDemoCollection : ICollectionFixture<DemoInstallation>;
