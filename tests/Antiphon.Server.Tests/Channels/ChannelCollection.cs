namespace Antiphon.Server.Tests.Channels;

/// <summary>Tests that share one server and the services it sends to, one after the other.</summary>
[CollectionDefinition("channels")]
public sealed class ChannelCollection : ICollectionFixture<ChannelHost>;
