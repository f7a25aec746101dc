# Built without a network: from the jar that ./hilt build makes, and an image with Java 17 or newer that is there already.
# --build-arg JAVA=NAME names that image.
ARG JAVA
FROM ${JAVA}
COPY server/target/hilt-board-app.jar /hilt-board-app.jar
ENV HILT_DATA=/data HILT_PORT=8095
VOLUME /data
EXPOSE 8095
USER 10001:10001
ENTRYPOINT ["java", "-Xmx512m", "-XX:+UseSerialGC", "-XX:+ExitOnOutOfMemoryError", "-jar", "/hilt-board-app.jar"]
